<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\Place;
use Runel\Style\HouseStyle;

/** House style, two ways, ask first and what can be taken away. */
final class RoomsTest extends TestCase
{
    private const PROBLEM = '(4k^2-k+3)(k-5)';

    public function testTheHouseStyleIsKeptAndObeyedByEveryFace(): void
    {
        $cookie = $this->post(
            '/style',
            ['words' => 'uk', 'times' => 'cross', 'grid-long-edge' => 'side', 'nonsense' => 'x', 'moving' => ['y']],
        )
            ->assertRedirect('/style')->getCookie(Place::COOKIE, false);
        self::assertNotNull($cookie);
        self::assertSame('words=uk&grid-long-edge=side&times=cross&house=' . HouseStyle::DEFAULTS, $cookie->getValue());
        $this->withUnencryptedCookie(Place::COOKIE, (string) $cookie->getValue());
        $uk = self::visible((string) $this->get($this->board(
            ['problem' => self::PROBLEM, 'method' => 'grid', 'step' => 1],
        ))->getContent());
        self::assertStringContainsString('factorise the quotient', $uk);
        $shared = self::visible((string) $this->get($this->board(
            ['problem' => self::PROBLEM, 'method' => 'grid', 'step' => 1, 'house' => 1],
        ))->getContent());
        self::assertStringContainsString(
            'There are 2 factors to multiply',
            $shared,
            'a shared address shows the same to everybody',
        );
        $latex = (string) $this->get('/runel.tex?' . http_build_query(
            ['problem' => self::PROBLEM, 'method' => 'grid'],
        ))->getContent();
        self::assertStringContainsString('\times', $latex);
        self::assertStringNotContainsString('\cdot', $latex);
        self::assertStringContainsString('<math', (string) $this->get('/style')->assertOk()->getContent());
    }

    public function testAskFirstHidesJudgesAndReveals(): void
    {
        $at = fn(array $more): string => self::visible((string) $this->get($this->board(
            ['problem' => self::PROBLEM, 'method' => 'grid', 'step' => 4, 'ask' => 1] + $more,
        ))->assertOk()->getContent());
        $hidden = $at([]);
        self::assertStringContainsString('What is', $hidden);
        self::assertStringNotContainsString('Sign: plus times plus', $hidden);
        self::assertStringContainsString('the exponents were not added', mb_strtolower($at(['answer' => '4k^2'])));
        self::assertStringContainsString('This cannot be read', $at(['answer' => '4k^']));
        $right = $at(['answer' => 'k^3*4']);
        self::assertStringContainsString('✓ Right.', $right);
        self::assertStringContainsString('Sign: plus times plus', $right);
        self::assertStringContainsString('Sign: plus times plus', $at(['reveal' => 1]));
        foreach ([1, 2, 3, 9, 'last'] as $step) {
            $this->get($this->board(
                ['problem' => self::PROBLEM, 'method' => 'by-degree', 'step' => $step, 'ask' => 1],
            ))->assertOk();
        }
    }

    public function testTwoWaysStepTogetherOrAlone(): void
    {
        $query = [
            'problem' => self::PROBLEM,
            'left' => 'columns',
            'right' => 'term-by-term',
            'leftstep' => 3,
            'rightstep' => 5,
        ];
        $html = (string) $this->get('/two-ways?' . http_build_query($query))->assertOk()->getContent();
        self::assertStringContainsString('3 of', self::visible($html));
        self::assertStringContainsString('5 of', self::visible($html));
        self::assertMatchesRegularExpression('/id="pen-next"[^>]*leftstep=4&amp;rightstep=6/', $html);
        self::assertMatchesRegularExpression(
            '/leftstep=4&amp;[^"]*rightstep=5&amp;alone=1|leftstep=4&amp;alone=1/',
            $html,
        );
        self::assertMatchesRegularExpression(
            '/\d+ steps · 6 products · \d+ lines · \d+ chances? to slip/',
            self::visible($html),
        );
        $this->get('/two-ways?problem=((')->assertStatus(422)->assertSee('never closed');
        $this->get('/two-ways?' . http_build_query(
            ['problem' => self::PROBLEM, 'left' => 'x', 'right' => 'x', 'leftstep' => 'zz'],
        ))->assertOk();
    }

    public function testLettersAndNumbersTakeTheSameSteps(): void
    {
        $row = fn(string $problem, int $row): string => (string) $this->get('/letters?' . http_build_query(
            ['problem' => $problem, 'row' => $row],
        ))->assertOk()->getContent();
        $lines = static function (string $html): array {
            preg_match_all('/<section.*?<\/section>/s', $html, $sides);

            return array_map(static function (string $side): string {
                preg_match_all('/data-text="([^"]*)"/', $side, $texts);

                return html_entity_decode($texts[1][\count($texts[1]) - 1] ?? '');
            }, $sides[0]);
        };
        self::assertSame(
            ['(x + b/(2a))² = −c/a + (b²)/(4a²)', '(x + 5/4)² = 3/2 + 25/16'],
            $lines($row('2x²+5x-3=0', 7)),
        );
        self::assertSame(['t² + (b/a)t = −c/a', 't² + 6t = 3'], $lines($third = $row('t²+6t-3=0', 3)));
        self::assertStringContainsString('with these numbers it stands so already', self::visible($third));
        self::assertSame(['x = (−b ± √(b² − 4ac))/(2a)', 'x = −3 ± 2√3'], $lines($row('x²+6x-3=0', 99)));
        self::assertMatchesRegularExpression('/id="pen-next"[^>]*row=4/', $third);
        // The unknown is never one of the formula's own letters; what has no square to complete is told.
        self::assertStringContainsString('x = (−b', html_entity_decode($row('2a²+5a-3=0', 99)));
        self::assertStringContainsString('here is one of ours', self::visible($row('x³=8', 1)));
        $this->get('/letters?problem=((')->assertStatus(422)->assertSee('never closed');
    }

    public function testTheFormulaGivesItsReasons(): void
    {
        $html = (string) $this->get('/formula?' . http_build_query(['problem' => '2x²+5x-3=0']))->assertOk()
            ->getContent();
        $told = self::visible($html);
        foreach (['Where 2a comes from', 'What the discriminant says', 'no real number has that square'] as $words) {
            self::assertStringContainsString($words, $told);
        }
        self::assertSame(10, substr_count($html, 'class="formula-line"'));
        self::assertStringContainsString('<svg', $html);
        self::assertStringContainsString('row=1', $html);
        $why = (string) $this->get('/why?' . http_build_query([
            'problem' => '2x²+5x-3=0', 'job' => 'solve', 'method' => 'formula', 'step' => 4,
        ]))->assertOk()->getContent();
        self::assertStringContainsString('/formula?problem=2x', $why);
    }

    public function testEverythingCanBeTakenAway(): void
    {
        $query = '?' . http_build_query(['problem' => self::PROBLEM, 'method' => 'grid']);
        $json = json_decode(
            (string) $this->get("/runel.json$query")->assertOk()->getContent(),
            true,
            flags: \JSON_THROW_ON_ERROR,
        );
        $answer = $json['answer']['ascii'];
        self::assertSame('4*k^3-21*k^2+8*k-15', $answer);
        foreach (['tex', 'md', 'txt'] as $extension) {
            $file = $this->get(
                "/runel.$extension$query",
            )->assertOk()->assertHeader('Content-Disposition', "attachment; filename=\"runel-grid.$extension\"");
            self::assertStringContainsString(
                $extension === 'txt' ? '4k³ − 21k² + 8k − 15' : '4k^{3} - 21k^{2} + 8k - 15',
                (string) $file->getContent(),
            );
        }
        $sheet = (string) $this->get("/print$query")->assertOk()->getContent();
        $document = new \DOMDocument();
        self::assertTrue($document->loadHTML('<?xml encoding="utf-8"?>' . $sheet, \LIBXML_NOERROR));
        self::assertSame(\count($json['steps']) + \count($json['checks']), substr_count(
            $sheet,
            'class="print-step"',
        ), 'every step and check is on the sheet');
        $this->get('/runel.tex?problem=((')->assertStatus(422)->assertSee('never closed');
    }
}
