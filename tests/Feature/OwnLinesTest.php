<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Log;
use PHPUnit\Framework\Attributes\DataProvider;

/** A learner's lines over the web: the page is made of its address, a pile of what is sent, and nothing is kept. */
final class OwnLinesTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string, string}> lines, what is said, what stands in the field */
    public static function turns(): iterable
    {
        yield 'at the start' => [[], 'Your first line', ''];
        yield 'a right line' => [['2x=8'], 'Still to do: the letter does not stand alone yet', ''];
        yield 'a slip stays in the field' => [['2x=14'], 'changed sides and kept its sign', '2x=14'];
        yield 'what cannot be read stays in the field' => [['2x+=8'], 'Something is missing', '2x+=8'];
        yield 'another letter' => [['2y=8'], 'The letter y does not stand in the problem', '2y=8'];
        yield 'a different problem' => [['x^2-9=0'], 'does not follow', 'x^2-9=0'];
        yield 'done' => [['2x=8', 'x=4'], 'Done, in 2 lines', ''];
        yield 'markup' => [['<b>x</b>'], 'There is no use for', '<b>x</b>'];
        yield 'empty lines' => [['', ' '], 'Your first line', ''];
    }

    /** @param list<string> $lines */
    #[DataProvider('turns')]
    public function testATurnIsMadeOfItsAddress(array $lines, string $said, string $field): void
    {
        $html = (string) $this->get('/your-turn?' . http_build_query([
            'problem' => '2x+3=11',
            'line' => $lines,
        ]))->assertOk()->getContent();
        if (!str_contains($said, 'There is no use')) {
            self::assertStringContainsString($said, self::visible($html));
        }
        self::assertSame($field, self::field($html));
        self::assertStringNotContainsString('<b>x</b>', $html);
    }

    /** Branches on lines, values rounded, notes: what is told of right lines is told, and a note is no tick. */
    public function testAPageAsItIsWritten(): void
    {
        $html = (string) $this->get('/your-turn?' . http_build_query([
            'problem' => '2x^2 - 5x - 1 = 0',
            'line' => ['a = 2, b = -5, c = -1', 'using the formula', 'x = (5 ± √33)/4', 'x ≈ 2.69', 'x = -0.18'],
        ]))->assertOk()->getContent();
        $seen = self::visible($html);
        foreach (['Right, rounded to 2 places; exactly it is', 'Right but for the last place', 'Done'] as $said) {
            self::assertStringContainsString($said, $seen);
        }
        self::assertSame(1, substr_count($html, 'a note beside the work'));
        self::assertSame(3, substr_count($html, 'aria-label="follows"'));

        $text = "Nils\n(x^3-2x^2+x-5)/(x-3)\n3 | 1 -2 1 -5\n3 3 12\n1 1 4 17\nx^2+x+4 r 7";
        $pile = (string) $this->post('/marking', ['text' => $text])->assertOk()->getContent();
        self::assertStringContainsString('Said beside the work, and it is not so.', self::visible($pile));
        self::assertSame(2, substr_count($pile, 'aria-label="side work, true"'));
    }

    public function testAStepOfABoardIsTakenOnFromThere(): void
    {
        $html = (string) $this->get('/your-turn?' . http_build_query([
            'problem' => '4x^2=12x+7', 'job' => 'solve', 'method' => 'factoring', 'step' => 3,
            'line' => ['(2x-7)(2x+1)=0'],
        ]))->assertOk()->getContent();
        self::assertStringContainsString('You take it from here.', self::visible($html));
        self::assertStringContainsString('is-follows', $html);
        $this->get('/your-turn?' . http_build_query(['problem' => '2x+3=11', 'job' => 'divide']))->assertStatus(422);
        $this->get('/your-turn?' . http_build_query(['problem' => '2x+(']))->assertStatus(422);
    }

    public function testManyOrLongLinesAreHeldAndNothingBreaks(): void
    {
        $many = array_fill(0, 500, 'x+1=' . str_repeat('9', 30));
        $this->get('/your-turn?' . http_build_query(['problem' => '2x+3=11', 'line' => $many]))
            ->assertOk()->assertSee('This page holds 40 lines');
        $long = str_repeat('x+', 199) . 'x=4';
        $this->get('/your-turn?' . http_build_query(['problem' => '2x+3=11', 'line' => [$long]]))
            ->assertOk()->assertSee('This line is too long')->assertSee($long);
        $oddities = ['help' => '99', 'time' => '-4', 'stage' => 'x', 'mended' => 'no', 'line' => 'x', 'next' => ['a']];
        foreach ($oddities as $key => $odd) {
            $this->get('/your-turn?' . http_build_query(['problem' => '2x+3=11', $key => $odd]))->assertOk();
        }
        // A way that does not fit, and a problem nobody can show.
        $this->get('/your-turn?problem=2x%3D4&line[]=x%3D2&compare=nonsense')->assertOk();
        $this->get('/your-turn?problem=2%5Ex%3Dx&stage=answer')->assertOk()->assertSee('knows no way');
    }

    /** @return iterable<string, array{string, int, string}> what is handed in, how many pieces, what is seen */
    public static function piles(): iterable
    {
        yield 'text with names' => ["Mirela\n2x+3=11\n2x=8\n\nTobiah\n2x+3=11\n2x=14", 2, 'Tobiah'];
        yield 'numbered problems' => ["1) 2x+3=11\n2x=8\nx=4\n\nb) x^2+14x+48\n(x+6)(x+8)", 2, 'finished'];
        yield 'numbered problems without gaps' => [
            "Nell\n1) x^2-4\n(x-2)(x+2)\n2) 3x=12\nx=4\nOskar\n1) x^2-4\n(x-2)^2\n2) 3x=12\nx=4", 4, 'Oskar',
        ];
        yield 'numbered steps' => ["2x+3=11\n1) 2x=8\n2) x=4\n\n1) 2x+3=11\n2) 2x=8\n3) x=4", 2, 'finished'];
        yield 'a table' => ["learner;problem;lines\nInes;2x+3=11;2x=14|x=7\nWen;x^2+14x+48;(x+6)(x+8)", 2, 'Ines'];
        yield 'lists in Markdown' => ["# Jarek\n## Problem: 2x+3=11\n- 2x=8\n- x=4", 1, 'finished'];
        yield 'headings in other words' => ["Pupil: Jarek\nExercise 3: 2x+3=11\n2x=8\nx=4", 1, 'Jarek'];
        yield 'a problem that cannot be read' => ["2x+(=11\n2x=8", 1, 'Something is missing after'];
        yield 'an answer that looks like a name' => ["Ines\nx^2+4=0\nNo real solution", 1, 'finished'];
    }

    #[DataProvider('piles')]
    public function testPilesAreCutIntoPieces(string $text, int $pieces, string $seen): void
    {
        $html = (string) $this->post('/marking', ['text' => $text])->assertOk()->getContent();
        self::assertSame($pieces, substr_count($html, 'class="piece"'));
        self::assertStringContainsString($seen, self::visible($html));
        self::assertStringContainsString('no-store', (string) $this->post('/marking', [
            'text' => $text,
        ])->headers->get('Cache-Control'));
    }

    public function testOneProblemForAllOfThem(): void
    {
        $html = (string) $this->post('/marking', [
            'text' => "Mirela\n2x=8\nx=4\n\nTobiah\n2x=14\n",
            'common' => '2x+3=11',
        ])->assertOk()->getContent();
        self::assertSame(2, substr_count($html, 'class="piece"'));
        self::assertStringContainsString('sign not turned when crossing', $html);
    }

    public function testTheMarkedSheetIsTakenAway(): void
    {
        $sent = [
            'text' => "Mirela\n2x+3=11\n2x=14\n\nInes | x\n2x+3=11\n=8",
            'mark' => ['2'], 'remark' => ['=SUM(A1) *look*'],
        ];
        $csv = (string) $this->post('/marking', $sent + ['format' => 'csv'])->assertOk()->getContent();
        $rows = array_map(static fn(string $row): array => str_getcsv($row, ',', '"', ''), explode("\r\n", trim($csv)));
        self::assertSame(['Mirela', '2x+3=11', '1', '2x=14', 'wrong', 'sign-not-turned'], \array_slice($rows[1], 0, 6));
        self::assertSame(['no', '0 of 2', '2', ' =SUM(A1) *look*'], \array_slice($rows[1], 7));
        $json = $this->post('/marking', $sent + ['format' => 'json'])->assertOk()->json();
        self::assertSame(['slip' => 'sign-not-turned', 'times' => 1, 'learners' => ['Mirela']], $json['slips'][0]);
        self::assertSame('=SUM(A1) *look*', $json['pieces'][0]['remark']);
        $markdown = (string) $this->post('/marking', $sent + ['format' => 'md'])->assertOk()->getContent();
        self::assertStringContainsString('\*look\*', $markdown);
        self::assertStringContainsString('`2x=14`', $markdown);
        self::assertStringContainsString('Proposed: 0 of 2: method 0 of 1; result 0 of 1', $markdown);
        $ten = (string) $this->post('/marking', $sent + ['points' => '10'])->assertOk()->getContent();
        self::assertStringContainsString('data-mark="0 of 10"', (string) preg_replace('/\s+/', ' ', $ten));
        self::assertSame(
            ['points' => 0, 'of' => 1],
            $json['pieces'][0]['proposal']['accuracy'],
        );
    }

    public function testWhatIsNoTextIsRefusedInWordsAndNothingIsLost(): void
    {
        $picture = UploadedFile::fake()->createWithContent('page.png', "\x89PNG\r\n\x1A\n\0\0\0\rIHDR");
        $this->post('/marking', ['file' => $picture, 'text' => 'kept'])->assertStatus(422)
            ->assertSee('This is not text')->assertSee('kept');
        $large = UploadedFile::fake()->create('pile.txt', 5000);
        $this->post('/marking', ['file' => $large])->assertStatus(422)->assertSee('too large');
        $this->post('/marking', ['text' => ''])->assertStatus(422)->assertSee('nothing to mark yet');
        $old = UploadedFile::fake()->createWithContent('pile.csv', mb_convert_encoding(
            "learner,problem,lines\nJosé,2x+3=11,2x=8",
            'Windows-1252',
            'UTF-8',
        ));
        $this->post('/marking', ['file' => $old])->assertOk()->assertSee('José');
        $many = "Mirela\n2x+3=11\n" . str_repeat("2x=8\n", 400) . "\n2x+3=11\n" . str_repeat("2x=8\n", 200);
        $this->post('/marking', ['text' => $many])->assertOk()->assertSee('one more piece is left');
        $this->post('/marking', ['text' => $many, 'from' => '1'])->assertOk()->assertSee('Back to the first pieces');
    }

    public function testNothingOfAPileIsLogged(): void
    {
        $log = Log::spy();
        $this->post('/marking', ['text' => "Mirela\n2x+3=11\n2x=14\n\nQ\n((((\n"])->assertOk();
        $log->shouldNotHaveReceived('error');
        $log->shouldNotHaveReceived('info');
        $log->shouldNotHaveReceived('warning');
    }

    private static function field(string $html): string
    {
        preg_match('/id="draft"\s+name="next"\s+value="([^"]*)"/', $html, $match);

        return html_entity_decode($match[1] ?? '');
    }
}
