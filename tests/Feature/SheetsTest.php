<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lesson;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Several problems at once: pasted or handed in as a file, each read by itself, mended, and put to use. */
final class SheetsTest extends TestCase
{
    private const TEX = <<<'TEX'
        \documentclass{article}
        \usepackage[margin=2cm]{geometry}
        % nobody reads this: x^2 = 4
        \begin{document}
        \section*{Evening room, sheet 3}
        \textbf{Solve the following equations.}
        \begin{enumerate}[label=(\alph*)]
        \item $3x^2-5x-2=0$ \hfill [3]
        \item \(\frac{x+1}{2}-\frac{x}{3}=1\) \\[2mm]
        \item Solve
        \[ x^2+6x-7=0 \]
        by completing the square.
        \end{enumerate}
        \end{document}
        TEX;

    private const MARKDOWN = <<<'MD'
        # Week 4

        **Expand and simplify**

        1. `(2x-3)(x+5)`
        - $(x-4)^2$
        - (3x + 1)(x - 2)

        ---
        > Factorise 4x² − 9
        MD;

    public function testASheetInLatexOrMarkdownIsReadLineByLine(): void
    {
        $tex = $this->handIn('sheet.tex', self::TEX)->assertOk();
        self::assertSame(['3', 'Solve', 'Solve', 'Solve'], $this->jobs($tex));
        $tex->assertSee('Completing the square')->assertDontSee('is not read');
        $markdown = $this->handIn('sheet.md', self::MARKDOWN)->assertOk();
        self::assertSame(['4', 'Multiply', 'Multiply', 'Multiply', 'Factor'], $this->jobs($markdown));
        $empty = $this->handIn('empty.txt', " \n\n")->assertRedirect();
        $this->get((string) $empty->headers->get('Location'))->assertSee('There is no mathematics');
        $this->handIn('photo.txt', "\x00\x01\x02")->assertRedirect();
    }

    /** Papers as they are written: numbers, parts, marks, gaps, headings, functions given once. */
    public function testAPaperIsReadAsItStands(): void
    {
        foreach ([
            'exam' => [
                '16', 'Multiply', 'Solve, from the part before', 'Factor', 'Factor', 'Factor', 'Factor', 'Divide',
                'Factor', 'Solve', 'Complete the square', 'Complete the square, from the part before', 'Solve',
                'Rearrange', 'Solve', 'Simplify', 'Simplify',
            ],
            'quiz' => [
                '14', 'Multiply', 'Multiply', 'Multiply', 'Factor', 'Factor', 'Factor', 'Solve', 'Solve', 'Solve',
                'Solve', 'Divide', 'Solve', 'Rearrange',
            ],
            'wrapped' => ['6', 'Solve', 'Factor', 'Multiply', 'Rearrange', 'Factor', 'Factor'],
            'lesson' => [
                '17', 'Simplify', 'Simplify', 'Multiply', 'Factor', 'Solve', 'Multiply', 'Multiply', 'Multiply',
                'Solve', 'Solve', 'Solve', 'Rearrange', 'Rearrange', 'Rearrange', 'Divide', 'Simplify',
            ],
            'list' => ['5', 'Factor', 'Solve', 'Multiply', 'Simplify', 'Solve'],
            'homework' => [
                '9', 'Solve', 'Solve', 'Solve', 'Solve', 'Divide', 'Factor', 'Solve', 'Complete the square', 'Factor',
            ],
        ] as $sheet => $jobs) {
            $text = (string) file_get_contents(\dirname(__DIR__) . "/Fixtures/sheets/$sheet.txt");
            $html = $this->get('/?' . http_build_query(['problem' => $text]))->assertOk();
            self::assertSame($jobs, $this->jobs($html), $sheet);
        }
    }

    public function testAPartThatSaysHenceStartsFromThePartBefore(): void
    {
        $html = $this->get('/?' . http_build_query(['problem' => implode("\n", [
            '1. (a) Factorise 2x^2 + 5x - 3 (2)',
            '(b) Hence solve 2x^2 + 5x - 3 = 0 [2]',
            '2. (a) Write x^2 - 6x + 11 in the form (x + p)^2 + q',
            '(b) Hence find the least value.',
            '(c) Hence, or otherwise, solve the equation x^2 - 6x + 7 = 0',
        ])]))->assertOk();
        self::assertSame([
            '5',
            'Factor',
            'Solve, from the part before',
            'Complete the square',
            'Complete the square, from the part before',
            'Solve, from the part before',
        ], $this->jobs($html));
        $html->assertSee('By factoring')->assertSee('Completing the square');
        $asked = rawurlencode('find the least value of x^2-6x+11');
        self::assertStringContainsString($asked, (string) $html->getContent());
    }

    public function testOneLineIsMendedAndTheOthersStay(): void
    {
        $sheet = "Solve:\n2x = 8\nsovle 3x = 12";
        $this->get('/?' . http_build_query(['problem' => $sheet]))->assertSee('Did you mean “solve”?');
        $mended = $this->get('/sheet/mended?' . http_build_query([
            'problem' => $sheet,
            'line' => '2',
            'mended' => 'solve 3x = 12',
        ]))->assertRedirect();
        $page = $this->get((string) $mended->headers->get('Location'))->assertOk();
        self::assertSame(['2', 'Solve', 'Solve'], $this->jobs($page));
        $page->assertDontSee('Did you mean');
    }

    public function testASheetIsPutIntoALessonAndPagesOfItAreMarked(): void
    {
        $this->signIn();
        $this->post('/lessons', ['name' => 'From a sheet', 'problems' => ['solve 2x = 8', 'factor x^2 + 14x + 48']])
            ->assertRedirect();
        $lesson = Lesson::query()->where('name', 'From a sheet')->firstOrFail();
        self::assertSame(
            ['solve 2x = 8', 'factor x^2 + 14x + 48'],
            array_column(array_column((array) $lesson->items, 'task'), 'problem'),
        );
        $this->get('/marking?' . http_build_query(['problems' => ['solve 2x = 8', "factor\nx^2 + 14x + 48"]]))
            ->assertSee("Problem: solve 2x = 8\n\nProblem: factor x^2 + 14x + 48", false);
    }

    public function testWhatIsOverSixtyIsSaidAndReadNext(): void
    {
        $lines = array_map(static fn(int $number): string => "{$number}x = 12", range(2, 63));
        $html = $this->get('/?' . http_build_query(['problem' => implode("\n", $lines)]))->assertOk();
        self::assertSame('60', $this->jobs($html)[0]);
        $html->assertSee('2 lines are left over');
        self::assertSame(1, preg_match('/href="([^"]*)" id="sheet-go-on"/', (string) $html->getContent(), $match));
        self::assertSame(['2', 'Solve', 'Solve'], $this->jobs($this->get(html_entity_decode($match[1] ?? ''))));
    }

    /** @return TestResponse<Response> */
    private function handIn(string $name, string $text): TestResponse
    {
        return $this->post('/sheet', ['file' => UploadedFile::fake()->createWithContent($name, $text)]);
    }

    /**
     * @param TestResponse<Response> $page
     *
     * @return list<string> how many problems it says there are, and what is to be done with each that is read
     */
    private function jobs(TestResponse $page): array
    {
        $html = (string) $page->getContent();
        preg_match('/id="worksheet-title">\s*<span>(\w+) problem/', $html, $count);
        preg_match_all('/<span class="sheet-job">(.*?)<\/span>/s', $html, $jobs);

        return [$count[1] ?? '', ...array_map(
            static fn(string $job): string => trim((string) preg_replace('/\s+/', ' ', $job)),
            $jobs[1],
        )];
    }
}
