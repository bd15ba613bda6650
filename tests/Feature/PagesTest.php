<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demonstrations\Demonstrations;
use Runel\Demonstration\Task;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;
use Tests\Core\Chance;

/** Every stop of many demonstrations, in every room, in random house styles: shown, and shown rightly. */
final class PagesTest extends TestCase
{
    private const PROBLEMS = [
        '15x^2-7x-4', '-12x^2+27=0', '5040x^2+143x+1', '6x^2+19xy+10y^2', '4x^2=12x+7', '(2x+3y)(x-4y+5)', '(3p+8)^2',
        '(x+5)(x-3)(2x+1)',
        '(1/2x-3/4)(x^2+2/3)', 'x^2+104x-5040', '6n^2-9n', '(x-1)(x+2)(3x-4)=ax^3+bx^2+cx+d', '(k-3)(2k+5)=0',
        '9t^2-24t+16',
    ];

    public function testEveryStopOfEveryMethodIsShown(): void
    {
        $demonstrations = app(Demonstrations::class);
        $stops = 0;
        foreach (self::PROBLEMS as $seed => $typed) {
            $style = (new Chance($seed + 40))->style();
            $task = new Task(Problem::read($typed), $style);
            foreach ($demonstrations->offers($task) as $offer) {
                if ($offer->forecast === null) {
                    continue;
                }
                $demonstration = $demonstrations->of($task, $offer->method->job(), $offer->method->id());
                $query = [
                    'problem' => $typed,
                    'job' => $offer->method->job(),
                    'method' => $offer->method->id(),
                    HouseStyle::NUMBER => (string) HouseStyle::DEFAULTS,
                ] + $style->chosen();
                $count = \count($demonstration->steps()) + \count($demonstration->furtherChecks());
                $titles = [];
                // Of long ones every eighth stop, other ones in every style; the ends always.
                $shown = array_values(array_filter(range(1, $count), static fn(int $step): bool => $count < 12
                    || $step % 8 === $seed % 8 || $step === 1 || $step === $count));
                foreach ($shown as $step) {
                    $html = $this->part(['step' => $step] + $query);
                    self::assertStringContainsString(
                        "$step of $count",
                        self::visible($html),
                        "$typed {$offer->method->id()}",
                    );
                    self::assertSame(
                        1,
                        substr_count($html, 'id="now"'),
                        "one place is now: $typed {$offer->method->id()} $step",
                    );
                    self::assertSame(
                        substr_count($html, 'class="folded-name"'),
                        substr_count($html, 'class="folded-line"'),
                        "what is folded says what came of it: $typed {$offer->method->id()} $step",
                    );
                    $titles[] = $html;
                    $this->assertMathematicsIsWellFormed($html);
                    ++$stops;
                }
                self::assertSame(\count($shown), \count(array_unique($titles)), 'every step changes something');
                foreach ($demonstration->steps() as $place => $step) {
                    if ($step->question !== null && $place % 4 === 0) {
                        $asked = self::visible($this->part(
                            ['step' => $place + 1, 'ask' => '1', 'answer' => 'x+1'] + $query,
                        ));
                        self::assertTrue(
                            str_contains($asked, '✗') || str_contains($asked, '✓'),
                            "judged: $typed {$offer->method->id()} {$step->id}",
                        );
                    }
                }
                $this->assertMathematicsIsWellFormed((string) $this->get(
                    '/print?' . http_build_query($query),
                )->assertOk()->getContent());
            }
            $ways = array_count_values(array_map(
                static fn($offer): string => $offer->forecast === null ? '' : $offer->method->job(),
                $demonstrations->offers($task),
            ));
            unset($ways['']);
            $response = $this->get('/two-ways?' . http_build_query(
                ['problem' => $typed, 'leftstep' => 'last', 'rightstep' => 'last'] + $style->kept(),
            ));
            max($ways) > 1 ? $response->assertOk() : $response->assertStatus(422)->assertSee('Only one method fits');
        }
        self::assertGreaterThan(400, $stops);
    }

    public function testEveryWayIsSeenToArriveAtTheSameSolutions(): void
    {
        $html = (string) $this->get('/roads?job=solve&problem=' . urlencode('x^2-5x+6=0'))->assertOk()->getContent();
        preg_match_all('/data-text="(x = \d or x = \d)"/', $html, $found);
        self::assertGreaterThan(2, \count($found[1]));
        self::assertSame(['x = 2 or x = 3'], array_values(array_unique($found[1])), 'in one order');
    }

    public function testAnAddressMadeByRunelLeadsToTheSamePlace(): void
    {
        $url = '/board?' . http_build_query([
            'problem' => '8x^2+22x+15',
            'job' => 'factor',
            'method' => 'split-middle',
            'step' => 6,
            'split' => 'large',
            'times' => 'cross',
            'words' => 'uk',
        ]);
        $html = (string) $this->get($url)->assertOk()->getContent();
        preg_match_all('/href="(\/board[^"]*)"/', $html, $links);
        self::assertGreaterThan(5, \count($links[1]));
        foreach (array_unique($links[1]) as $link) {
            parse_str((string) parse_url(html_entity_decode($link), \PHP_URL_QUERY), $query);
            $number = (string) HouseStyle::DEFAULTS;
            self::assertSame(['8x^2+22x+15', 'factor', 'split-middle', 'large', 'cross', 'uk', $number], array_map(
                static fn(string $key): mixed => $query[$key] ?? null,
                ['problem', 'job', 'method', 'split', 'times', 'words', 'house'],
            ));
            $this->get(html_entity_decode($link))->assertOk();
        }
    }

    public function testAPairOfOnesOwnIsJudgedWhateverIsTyped(): void
    {
        $answers = [
            '8, 15' => 'wanted is 22', '10 12' => 'this is the pair', '12;10' => 'this is the pair',
            '−10, −12' => 'both signs are turned', '11, 11' => 'their product is 121',
            '3, 4' => 'Neither fits', 'ten' => 'Type two whole numbers', '' => null,
            '1,2,3' => 'Type two whole numbers', '9999999999999, 9999999999999' => 'Neither fits',
            "1\0,2" => 'Type two whole numbers',
        ];
        foreach ($answers as $typed => $expected) {
            $text = self::visible($this->part([
                'problem' => '8x^2+22x+15',
                'job' => 'factor',
                'method' => 'product-grid',
                'step' => 6,
                'pair' => (string) $typed,
            ]));
            self::assertStringContainsString($expected ?? 'Test a pair of your own', $text, (string) $typed);
        }
    }

    /** Mathematics is spoken once: by its words, not by its signs. */
    public function testWhatIsWrittenIsHiddenFromWhoeverListens(): void
    {
        $rooms = [
            $this->board(['problem' => '15x^2-7x-4', 'job' => 'factor', 'method' => 'cross', 'step' => 4]),
            '/your-turn?' . http_build_query(['problem' => '2x+3=11', 'job' => 'solve']),
            '/style',
            '/?' . http_build_query(['problem' => 'x^2-5x+6']),
        ];
        foreach ($rooms as $room) {
            $html = (string) $this->get($room)->assertOk()->getContent();
            preg_match_all('/<span class="maths" role="math" aria-label="([^"]+)"><math([^>]*)>/', $html, $found);
            self::assertNotSame([], $found[0], $room);
            self::assertSame([' aria-hidden="true"'], array_values(array_unique($found[2])), $room);
            self::assertSame(\count($found[0]), substr_count($html, 'class="maths"'), $room);
        }
    }

    /** @param array<string, string|int> $query */
    private function part(array $query): string
    {
        return (string) $this->get(
            '/board?' . http_build_query($query),
            ['HX-Request' => 'true'],
        )->assertOk()->getContent();
    }

    private function assertMathematicsIsWellFormed(string $html): void
    {
        preg_match_all('/<(math|svg)\b.*?<\/\1>/s', $html, $found);
        self::assertNotSame([], $found[0]);
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML('<all>' . implode('', $found[0]) . '</all>'));
    }
}
