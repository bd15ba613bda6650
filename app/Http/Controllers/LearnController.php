<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Contract\StyleLearning;
use App\Demonstrations\Demonstrations;
use App\Page\PageFace;
use App\Values\Given;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Demonstration\TaskReference;
use Runel\Learning\Example;
use Runel\Learning\Learned;
use Runel\Message\Refusal;

/** A house style learned from one's own lines: ours beside theirs, and what has been set to write them. */
final readonly class LearnController
{
    public function __construct(
        private StyleLearning $learning,
        private Demonstrations $demonstrations,
        private PageFace $page,
    ) {}

    public function learn(Request $request): Response
    {
        $given = Given::of($request->all());
        $typed = $given->text('lines', 20_000);
        $examples = self::examples($typed);
        try {
            $learned = $examples === [] ? null : $this->learning->learned(['examples' => $examples]);
            $roads = $learned === null ? [] : $this->roads($learned);
            $refused = null;
        } catch (Refusal $refusal) {
            [$learned, $roads, $refused] = [null, [], $refusal->reason];
        }
        $road = $roads[0] ?? null;

        return response()->view('ways.learned', [
            'typed' => $typed,
            'learned' => $learned,
            'roads' => array_map(self::lines(...), $roads),
            'board' => $road === null ? null : Address::for(new TaskReference(
                $road->task->problem->source,
                $road->job,
                $road->method,
                $road->task->style,
            ))->to('board'),
            'refused' => $refused,
            'house' => $learned === null ? $this->page : $this->page->in($learned->style),
        ], $learned === null ? 422 : 200);
    }

    /** @return list<Demonstration> one an example */
    private function roads(Learned $learned): array
    {
        return array_map(fn(Example $example): Demonstration => $this->demonstrations->of(
            new Task($example->problem, $learned->style),
            $learned->job,
            $learned->method,
        ), $learned->examples);
    }

    /** @return list<Line> as the learner has counted them: all but the problem itself */
    private static function lines(Demonstration $road): array
    {
        return array_values(array_filter(
            array_merge(...array_map(static fn(Step $step): array => $step->lines, $road->steps())),
            static fn(Line $line): bool => $line->link !== Link::Given,
        ));
    }

    /**
     * The problem first, its lines below; an empty line, then the next example.
     *
     * @return list<array{problem: string, lines: list<string>}>
     */
    private static function examples(string $typed): array
    {
        $examples = [];
        foreach (preg_split('/\R\s*\R/u', trim($typed)) ?: [] as $block) {
            $lines = array_values(array_filter(
                array_map(trim(...), preg_split('/\R/u', $block) ?: []),
                static fn(string $line): bool => $line !== '',
            ));
            if ($lines !== []) {
                $examples[] = ['problem' => $lines[0], 'lines' => \array_slice($lines, 1)];
            }
        }

        return $examples;
    }
}
