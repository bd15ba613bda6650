<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use App\Page\PageFace;
use App\Values\Given;
use App\Ways\Changes;
use App\Ways\SideBySide;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Learning\Touching;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Method;
use Runel\Problem\Problem;

/** Two roads beside each other: of another teacher, or of the problem with one thing changed. */
final readonly class CompareController
{
    public function __construct(
        private Demonstrations $demonstrations,
        private Catalogue $catalogue,
        private PageFace $page,
    ) {}

    /**
     * The same problem by the same way as another house writes it.
     *
     * @throws Refusal when there is nothing to show
     */
    public function teacher(Request $request, Address $address): Response
    {
        $own = $this->own($address);
        $values = $this->touching($own);
        $asked = Given::of($request->query('other'))->allTexts();
        $other = $address->style();
        foreach (array_intersect_key($asked, $values) as $key => $value) {
            if (\in_array($value, $values[$key], true)) {
                $other = $other->with((string) $key, $value);
            }
        }
        // Where nothing is asked yet, the habit that is met most: the first that touches this road.
        $first = array_key_first($values);
        if ($asked === [] && $first !== null) {
            $other = $other->with($first, $values[$first][1]);
        }
        $beside = $this->demonstrations->of(
            new Task($own->task->problem, $other, $own->task->choices),
            $own->job,
            $own->method,
        );

        return response()->view('ways.teacher', [
            'address' => $address,
            'both' => SideBySide::of($own, $beside),
            'values' => $values,
            'other' => $other,
            'beside' => $this->page->in($other),
        ]);
    }

    /**
     * The problem with a number or a sign changed, beside itself.
     *
     * @throws Refusal when there is nothing to show of the problem itself
     */
    public function changed(Request $request, Address $address): Response
    {
        $own = $this->own($address);
        $asked = $request->query('changed');
        $asked = \is_string($asked) && trim($asked) !== '' ? trim($asked) : null;
        $refusal = null;
        $both = null;
        if ($asked !== null) {
            try {
                $task = new Task(Problem::read($asked), $address->style(), $own->task->choices);
                try {
                    $beside = $this->demonstrations->of($task, $own->job, $own->method);
                } catch (MethodDoesNotApply $other) {
                    // What was changed asks for another way: it is gone, and the reason said.
                    $refusal = $other->reason;
                    $beside = $this->demonstrations->of($task, $own->job);
                }
                $both = SideBySide::of($own, $beside);
            } catch (Refusal $refused) {
                $refusal = $refused->reason;
            }
        }

        return response()->view('ways.changed', [
            'address' => $address,
            'own' => $own,
            'pieces' => Changes::of($own->task->problem),
            'asked' => $asked,
            'both' => $both,
            'refusal' => $refusal,
        ]);
    }

    /** @throws Refusal */
    private function own(Address $address): Demonstration
    {
        return $this->demonstrations->of(
            $address->task(),
            $address->reference->job,
            $address->reference->method,
        );
    }

    /**
     * The habits that change a line here, each with its values, the own one first.
     *
     * @return array<string, non-empty-list<string>> by key
     */
    private function touching(Demonstration $own): array
    {
        $style = $own->task->style;
        $values = [];
        $method = $this->method($own);
        $touching = $method === null ? [] : (new Touching([$own->task->problem], $method))->values($style);
        foreach ($touching as [$key, $value]) {
            $values[$key] ??= [$style->all()[$key]];
            $values[$key][] = $value;
        }
        // Decimal places are said where decimals are.
        unset($values['places']);

        return $values;
    }

    private function method(Demonstration $own): ?Method
    {
        foreach ($this->catalogue->families->of($own->job)->methods() as $method) {
            if ($method->id() === $own->method) {
                return $method;
            }
        }

        return null;
    }
}
