<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Demonstration\Check;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Move\Move;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Node;
use Runel\Notation\Ascii;

/** The contract for machines: the demonstration as one JSON object of schema 1. */
final readonly class JsonFace implements Face
{
    public const SCHEMA = 1;

    public function __construct(private Faces $faces) {}

    public function write(Demonstration $demonstration): string
    {
        return json_encode(
            $this->data($demonstration),
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        );
    }

    /** @return array<string, mixed> */
    public function data(Demonstration $demonstration): array
    {
        $wording = $this->faces->text($demonstration->task->style);
        $answer = $demonstration->answer;
        $data = [
            'runel' => self::SCHEMA,
            'problem' => $demonstration->task->problem->source,
            'job' => $demonstration->job->value,
            'method' => $demonstration->method,
            'style' => $demonstration->task->style->all(),
            'answer' => ['kind' => $answer->type()->value, 'ascii' => Ascii::write($answer->node())],
        ];
        foreach ($answer->details() as $name => $detail) {
            $data[$name] = self::plain($detail);
        }
        $data['steps'] = array_map(fn(Step $step): array => $this->step($step, $wording), $demonstration->steps());
        $data['checks'] = array_map(fn(Check $check): array => [
            'kind' => $check->kind->value,
            'holds' => $check->holds,
            'title' => $wording->say($check->title),
            'lines' => array_map(static fn(Line $line): array => ['ascii' => Ascii::write($line->node)], $check->lines),
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
            'lines' => array_map(static fn(Line $line): array => array_filter(
                [
                    'ascii' => Ascii::write($line->node),
                    'link' => $line->link->value,
                    'move' => $line->move === null ? null : self::move($line->move),
                    'branch' => $line->branch?->name(),
                    'rejected' => $line->rejected === null ? null : $wording->say($line->rejected),
                ],
                static fn(?string $value): bool => $value !== null,
            ), $step->lines),
            'figure' => $step->figure === null ? null : $this->figure($step->figure),
            'question' => $step->question === null ? null : $this->question($step->question, $wording),
            'watch' => $step->watch === null ? null : $step->watch->value,
        ];
    }

    /** As in "subtract 5". */
    private static function move(Move $move): string
    {
        $operand = $move->operand();

        return $move->name() . ($operand === null ? '' : ' ' . Ascii::write($operand));
    }

    /** @return array<string, mixed> */
    private function question(Question $question, Wording $wording): array
    {
        return [
            'prompt' => $wording->say($question->prompt),
            'kind' => $question->kind->value,
            'accepted' => array_map(Ascii::write(...), $question->accepted),
            'form' => $question->formMatters,
        ];
    }

    /** @return array<string, mixed> */
    private function figure(Figure $figure): array
    {
        return ['type' => $figure->type()] + array_map(self::plain(...), $figure->data());
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Node => Ascii::write($value),
            \is_array($value) => array_map(self::plain(...), $value),
            default => $value,
        };
    }
}
