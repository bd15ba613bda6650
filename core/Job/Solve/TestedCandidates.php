<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Figure\SidesCurveFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Rewrite;
use Runel\Message\Message;
use Runel\Slip\Slip;
use Runel\Working\SaidOn;

/** What squaring has led to, put into the original: what holds and what does not. */
final readonly class TestedCandidates
{
    /** @var list<Expression> */
    public array $solutions;
    /** @var list<Expression> */
    public array $rejected;
    private RootCandidates $values;

    /** @param list<Expression> $candidates in the order in which they are put in */
    public function __construct(private RootEquation $equation, private array $candidates)
    {
        $this->values = new RootCandidates($equation);
        $holds = array_map($this->values->holds(...), $candidates);
        $this->solutions = array_values(array_intersect_key($candidates, array_filter($holds)));
        $this->rejected = array_values(array_diff_key($candidates, array_filter($holds)));
    }

    /**
     * @param list<Section> $sections what has led to them
     *
     * @return list<Step> every candidate put into the original, the false ones struck out; then what is left
     */
    public function steps(array $sections): array
    {
        $original = $this->equation->equation;
        $letter = $this->equation->letter;
        $several = \count($this->candidates) > 1;
        $steps = [];
        foreach ($this->candidates as $place => $candidate) {
            $holds = \in_array($candidate, $this->solutions, true);
            $said = new Equation(new Letter($letter), $candidate);
            $lines = $this->values->put($candidate);
            if (!$holds) {
                $way = $several ? Branch::way($place + 1) : null;
                foreach (SaidOn::branches($sections, $said, $way) as $branch) {
                    $lines[] = Line::result($said, new Rewrite(), $branch)->reject(
                        Message::of('isolate.test.rejected'),
                    );
                }
            }
            $steps[] = new Step(
                id: 'test-' . ($place + 1),
                title: Message::of('isolate.test.title', ['place' => $said]),
                why: $this->tells($candidate, $holds),
                lines: $lines,
                watch: Slip::ExtraneousKept,
            );
        }
        $answer = $this->solutions === [] ? null : new SolutionsAnswer($letter, $this->solutions);
        if ($several && $answer !== null) {
            // Asked before the first of them is put in.
            $steps[0] = $steps[0]->asking(Question::solutions(
                Message::of('isolate.left.ask'),
                $original,
                $letter,
                $this->solutions,
            ));
        }
        $steps[] = new Step(
            id: 'left',
            title: Message::of($answer === null ? 'isolate.left.title-none' : 'isolate.left.title'),
            why: Message::of(match (true) {
                $answer === null => 'isolate.left.why-none',
                $this->rejected === [] => 'isolate.left.why-all',
                default => 'isolate.left.why',
            }),
            lines: $answer === null
                ? []
                : [Line::result($answer->node(), $several ? new JoinBranches() : new Rewrite())],
            figure: new SidesCurveFigure(
                $letter,
                $original,
                array_values(array_filter($this->solutions, RootCandidates::isReal(...))),
                array_values(array_filter($this->rejected, RootCandidates::isReal(...))),
            ),
        );

        return $steps;
    }

    /** A number for which no root is without a value, where a small one is such. */
    private function sample(): Expression
    {
        foreach ([0, 1, 2, 3, 5, 10, -1, -5] as $number) {
            if ($this->values->negativeUnder(Numeral::of($number)) === []) {
                return Numeral::of($number);
            }
        }

        return Numeral::of(0);
    }

    /** Both sides compared, where each comes to one value. */
    private function tells(Expression $candidate, bool $holds): Message
    {
        $values = $this->values->values($candidate);
        $about = $this->values->put($candidate) === [] ? $this->values->about($candidate) : null;
        $sides = $values ?? $about;
        $sides = $sides === null ? [] : ['left' => $sides[0], 'right' => $sides[1]];

        return match (true) {
            !$holds && $this->values->negativeUnder($candidate) !== [] => Message::of('isolate.test.why-negative'),
            $about !== null => Message::of($holds ? 'isolate.test.why-about' : 'isolate.test.why-about-fails', $sides),
            $values === null => Message::of($holds ? 'isolate.check.holds-why' : 'isolate.check.fails-why'),
            default => Message::of($holds ? 'isolate.test.why-equal' : 'isolate.test.why-unequal', $sides),
        };
    }

    /**
     * @param bool $isSquared whether anything has been squared to find the candidates
     *
     * @return non-empty-list<Check>
     */
    public function checks(bool $isSquared): array
    {
        $checks = [];
        foreach ([...$this->solutions, ...$this->rejected] as $candidate) {
            $isSolution = \in_array($candidate, $this->solutions, true);
            $lines = $this->values->put($candidate);
            $checks[] = new Check(
                kind: CheckKind::Substitution,
                title: Message::of($isSolution ? 'isolate.check.holds' : 'isolate.check.fails', [
                    'place' => new Equation(new Letter($this->equation->letter), $candidate),
                ]),
                why: $lines === [] ? $this->tells($candidate, $isSolution) : Message::of(match (true) {
                    $isSolution => 'isolate.check.holds-why',
                    $this->values->negativeUnder($candidate) !== [] => 'isolate.check.negative-why',
                    default => 'isolate.check.fails-why',
                }),
                lines: $lines !== [] ? $lines : [$this->values->squares($candidate)],
                holds: true,
                // Finish and check are one: a candidate is put in once.
                isWritten: $lines !== [],
            );
        }
        if ($checks === []) {
            $sample = $this->sample();
            $checks[] = new Check(
                kind: CheckKind::Substitution,
                title: Message::of('isolate.check.none', ['number' => $sample]),
                why: Message::of(!$isSquared ? 'isolate.check.seen-why' : 'isolate.check.none-why'),
                lines: $this->values->put($sample) ?: [Line::side($sample, $sample)],
                holds: true,
            );
        }

        return $checks;
    }
}
