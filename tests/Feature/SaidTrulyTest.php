<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Faces\Faces;
use App\Faces\Wording;
use App\Sets\SeededChance;
use PHPUnit\Framework\Attributes\DataProvider;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Node;
use Runel\Job\Jobs;
use Runel\Law\Move\Operation;
use Runel\Law\Move\ToBothSides;
use Runel\Notation\Arranger;
use Runel\Notation\PlainText;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;
use Tests\Core\Chance;
use Tests\Core\EveryWay;

/** What the sentences of random demonstrations name stands there, and what is said to be done is done. */
final class SaidTrulyTest extends TestCase
{
    /** Steps in which something is decided or looked at, and nothing written. */
    private const LOOKING = [
        'signs', 'complete', 'see', 'coefficients', 'read-off', 'decimals', 'excluded', 'name', 'none', 'left',
    ];

    /** Sentences that say beforehand what is written later, or how many of something there are. */
    private const AHEAD = [
        'product.read.why', 'product.read.why-letters', 'product.order.', 'product.turn.', 'arcs.', 'columns.sum.',
        'rows.', 'special.double.', 'special-form.', 'factor.verdict.', 'factor.grid.', 'hunt.target.', 'hunt.passed.',
        'cross.', 'brackets.', 'roots.', 'isolate.read.', 'divide.bridge.', 'divide.read-off.', 'divide.columns.',
        'divide.read.', 'quadratic.decimals.',
    ];

    /** How people name what is done to both sides. */
    private const VERBS = [
        'add' => '/\badd(ed)?\b|\bgoes to the other side\b|\bcrosses\b/i',
        'subtract' => '/\bsubtract(ed)?\b|\btaken from\b|\bgoes? to the other side\b|\bcrosses\b|\badd(ed)?\b/i',
        'divide' => '/\bdivided?\b/i',
        'multiply' => '/\bmultipl(y|ied)\b|\btimes\b/i',
    ];

    #[DataProvider('skills')]
    public function testSentencesNameWhatStandsThere(string $skill): void
    {
        $catalogue = Jobs::catalogue();
        $shown = 0;
        for ($seed = 1; $seed <= Chance::seeds(2); ++$seed) {
            $style = (new Chance($seed))->style()->with('words', 'us');
            $order = Order::of(Jobs::ladders()->of($skill), '', '6', (string) (41 * $seed), Wishes::none());
            foreach (Maker::make($catalogue, new SeededChance(), HouseStyle::default(), $order) as $made) {
                $task = new Task(Problem::read($made->problem), $style);
                foreach (EveryWay::of($task) as $way => $demonstration) {
                    ++$shown;
                    $this->assertSaidTruly($demonstration, "$made->problem by $way, seed $seed");
                }
            }
        }
        self::assertGreaterThan(Chance::seeds(6), $shown);
    }

    /** @return iterable<string, array{string}> */
    public static function skills(): iterable
    {
        foreach (Jobs::ladders()->all as $ladder) {
            yield $ladder->skill() => [$ladder->skill()];
        }
    }

    private function assertSaidTruly(Demonstration $demonstration, string $where): void
    {
        $wording = app(Faces::class)->text($demonstration->task->style);
        $standing = self::numbers($demonstration->task->problem->source);
        $figure = null;
        foreach ($demonstration->steps() as $step) {
            $lines = array_map(static fn(Line $line): string => self::text($line->node), $step->lines);
            $drawn = $step->figure === null ? null : json_encode($step->figure->data(), \JSON_THROW_ON_ERROR);
            $writes = $lines !== [] || ($drawn !== null && $drawn !== $figure) || $step->options !== [];
            $looks = array_filter(self::LOOKING, static fn(string $id): bool => str_ends_with($step->id, $id));
            self::assertTrue($writes || $looks !== [], "$where: $step->id writes nothing");
            $standing = [...$standing, ...self::numbers(implode(' ', $lines)), ...self::numbers($drawn ?? '')];
            $ahead = array_filter(
                self::AHEAD,
                static fn(string $key): bool => str_starts_with($step->why->key, $key),
            );
            if ($ahead === []) {
                self::assertSame([], array_values(array_diff(
                    self::numbers($this->said($step, $wording)),
                    $standing,
                    ['0', '1'],
                )), "$where: $step->id names what stands nowhere: {$this->said($step, $wording)}");
            }
            $this->assertDoneAsSaid($step, $wording, $where);
            $figure = $drawn ?? $figure;
        }
    }

    private function assertDoneAsSaid(Step $step, Wording $wording, string $where): void
    {
        foreach ($step->lines as $line) {
            $operation = $line->move instanceof ToBothSides ? $line->move->operation : null;
            if ($operation instanceof Operation) {
                self::assertMatchesRegularExpression(
                    self::VERBS[$operation->value],
                    $this->said($step, $wording),
                    "$where: $step->id is to say $operation->value",
                );
            }
        }
    }

    private function said(Step $step, Wording $wording): string
    {
        return $wording->say($step->title) . '. ' . $wording->say($step->why);
    }

    private static function text(Node $node): string
    {
        return (new PlainText())->write((new Arranger())->arrange($node));
    }

    /** @return list<string> */
    private static function numbers(string $text): array
    {
        // Numbers are grouped by threes with narrow blanks, exponents stand above the line.
        $plain = strtr((string) preg_replace('/(?<=\d)[\x{202f}\x{a0}](?=\d{3})/u', '', $text), array_combine(
            ['⁰', '¹', '²', '³', '⁴', '⁵', '⁶', '⁷', '⁸', '⁹'],
            array_map(static fn(int $digit): string => " $digit", range(0, 9)),
        ));
        preg_match_all('/\d+/', $plain, $found);

        return $found[0];
    }
}
