<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Demonstration\Check;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Reply;
use Runel\Demonstration\Step;
use Runel\Expression\Node;
use Runel\Law\Move\Move;
use Runel\Notation\Ascii;

/** The contract for machines: the demonstration as one JSON object of schema 1. */
final class JsonFace implements Face
{
    public const SCHEMA = 1;

    /** @var \WeakMap<Node, string> what has been written already: figures hold the same trees at every step */
    private \WeakMap $written;

    public function __construct(private readonly Faces $faces)
    {
        $this->written = new \WeakMap();
    }

    public function write(Demonstration $demonstration): string
    {
        return json_encode(
            $this->data($demonstration),
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        );
    }

    /** @return array<string, mixed> */
    public function data(Demonstration $demonstration, FigureWriting $figures = FigureWriting::Whole): array
    {
        $wording = $this->faces->text($demonstration->task->style);
        $answer = $demonstration->answer;
        $data = [
            'runel' => self::SCHEMA,
            'problem' => $demonstration->task->problem->source,
            'job' => $demonstration->job,
            'method' => $demonstration->method,
            'style' => $demonstration->task->style->all(),
            'answer' => ['kind' => $answer->type()->value, 'ascii' => $this->ascii($answer->node())],
        ];
        $asked = $demonstration->task->problem->asked->toArray($demonstration->job);
        if ($asked !== []) {
            $data['asked'] = $asked;
        }
        $letters = Reply::letters($demonstration);
        if ($letters !== []) {
            $data['letters'] = $this->plain($letters);
        }
        foreach ($answer->details() as $name => $detail) {
            $data[$name] = $this->plain($detail);
        }
        $steps = array_map(fn(Step $step): array => $this->step($step, $wording), $demonstration->steps());
        $data['steps'] = $figures === FigureWriting::Whole ? $steps : self::changed($steps);
        $data['checks'] = array_map(fn(Check $check): array => [
            'kind' => $check->kind->value,
            'holds' => $check->holds,
            'title' => $wording->say($check->title),
            'lines' => array_map(fn(Line $line): array => ['ascii' => $this->ascii($line->node)], $check->lines),
        ], $demonstration->checks());
        $data['forecast'] = self::forecast($demonstration->forecast, $wording);

        return $data;
    }

    /** @return array<string, mixed> */
    public static function forecast(Forecast $forecast, Wording $wording): array
    {
        return [
            'steps' => $forecast->steps,
            'trials' => $forecast->trials,
            'products' => $forecast->products,
            'fractions' => $forecast->fractions,
            'roots' => $forecast->roots,
            'lines' => $forecast->lines,
            'advice' => $wording->say($forecast->advice),
        ];
    }

    /** @return array<string, mixed> */
    private function step(Step $step, Wording $wording): array
    {
        return [
            'id' => $step->id,
            'title' => $wording->say($step->title),
            'why' => $wording->say($step->why),
            'lines' => array_map(fn(Line $line): array => $this->line($line, $wording), $step->lines),
            'figure' => $step->figure === null ? null : $this->figure($step->figure),
            'question' => $step->question === null ? null : $this->question($step->question, $wording),
            'watch' => $step->watch === null ? null : $step->watch->value,
        ];
    }

    /**
     * @param list<array<string, mixed>> $steps
     *
     * @return list<array<string, mixed>> each figure by what has changed since the one before it, where that is of its
     *                                    type
     */
    private static function changed(array $steps): array
    {
        $last = null;
        foreach ($steps as $place => $step) {
            $figure = $step['figure'];
            if (!\is_array($figure)) {
                continue;
            }
            if ($last !== null && $last['type'] === $figure['type']) {
                $steps[$place]['figure'] = [
                    'type' => $figure['type'],
                    'changes' => FigureChanges::between($last, $figure),
                ];
            }
            $last = $figure;
        }

        return $steps;
    }

    /** @return array<string, string> what a line does not have is left out */
    private function line(Line $line, Wording $wording): array
    {
        $written = ['ascii' => $this->ascii($line->node), 'link' => $line->link->value];
        if ($line->move !== null) {
            $written['move'] = $this->move($line->move);
        }
        if ($line->branch !== null) {
            $written['branch'] = $line->branch->name();
        }
        if ($line->rejected !== null) {
            $written['rejected'] = $wording->say($line->rejected);
        }

        return $written;
    }

    /** As in "subtract 5". */
    private function move(Move $move): string
    {
        $operand = $move->operand();

        return $move->name() . ($operand === null ? '' : ' ' . $this->ascii($operand));
    }

    /** @return array<string, mixed> */
    private function question(Question $question, Wording $wording): array
    {
        return [
            'prompt' => $wording->say($question->prompt),
            'kind' => $question->kind->value,
            'accepted' => array_map($this->ascii(...), $question->accepted),
            'form' => $question->formMatters,
        ];
    }

    /** @return array<string, mixed> */
    private function figure(Figure $figure): array
    {
        $data = ['type' => $figure->type()];
        foreach ($figure->data() as $name => $part) {
            $data[$name] = $this->plain($part);
        }

        return $data;
    }

    private function plain(mixed $value): mixed
    {
        if ($value instanceof Node) {
            return $this->ascii($value);
        }
        if (\is_array($value)) {
            foreach ($value as $key => $part) {
                if ($part instanceof Node) {
                    $value[$key] = $this->ascii($part);
                } elseif (\is_array($part)) {
                    $value[$key] = $this->plain($part);
                }
            }
        }

        return $value;
    }

    private function ascii(Node $node): string
    {
        return $this->written[$node] ??= Ascii::write($node);
    }
}
