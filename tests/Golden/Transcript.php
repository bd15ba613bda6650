<?php

declare(strict_types=1);

namespace Tests\Golden;

use App\Faces\Faces;
use App\Faces\Wording;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Marked;
use Runel\Expression\MarkKind;
use Runel\Expression\Node;
use Runel\Notation\Arranger;
use Runel\Notation\Ascii;
use Runel\Notation\PlainText;
use Runel\Notation\TimesSign;

/** Every word a demonstration says, with what it accepts, what it warns of and what it lights, as plain text. */
final class Transcript
{
    /** @var array<string, mixed> what the last figure held */
    private array $before = [];

    /** @param \Closure(Node): string $write */
    private function __construct(private readonly Wording $wording, private readonly \Closure $write) {}

    public static function of(Demonstration $demonstration, Faces $faces): string
    {
        $arranger = new Arranger($demonstration->task->style->get(TimesSign::class));
        $transcript = new self($faces->text(
            $demonstration->task->style,
        ), static fn(Node $node): string => (new PlainText())->write($arranger->arrange($node)));
        $text = "{$demonstration->task->problem->source}\n{$demonstration->job}.{$demonstration->method}\n";
        foreach ($demonstration->sections as $section) {
            $text .= "\n== " . $transcript->wording->word('name.phase.' . $section->phase->value) . "\n";
            foreach ($section->steps as $step) {
                $text .= $transcript->step($step);
            }
        }
        $text .= "\n== checks\n";
        foreach ($demonstration->checks() as $check) {
            $where = $check->isWritten ? ', written above' : '';
            $text .= "[{$check->kind->value}$where] " . $transcript->wording->say($check->title) . "\n";
            $text .= '    ' . $transcript->wording->say($check->why) . "\n" . $transcript->lines($check->lines);
        }

        return $text . "\n== answer\n" . Ascii::write($demonstration->answer->node()) . "\n"
            . $transcript->wording->say($demonstration->forecast->advice) . "\n";
    }

    private function step(Step $step): string
    {
        $text = "\n[$step->id] "
            . $this->wording->say($step->title)
            . "\n    "
            . $this->wording->say($step->why)
            . "\n"
            . $this->lines($step->lines);
        if ($step->figure !== null) {
            $text .= "    figure {$step->figure->type()} " . $this->news($step->figure) . "\n";
        }
        foreach ($step->options as $option) {
            $text .= '    choice '
                . ($option->taken ? '*' : ' ')
                . " $option->key=$option->value "
                . $this->wording->say($option->label)
                . "\n";
        }
        if ($step->question !== null) {
            $text .= '    ? ' . $this->wording->say($step->question->prompt) . "\n";
            $text .= '    = ' . implode(' | ', array_map(Ascii::write(...), $step->question->accepted)) . "\n";
        }

        return $text . ($step->watch === null ? '' : '    ! ' . $this->wording->word(
            "slip.{$step->watch->value}.watch",
        ) . "\n");
    }

    /** @param list<Line> $lines */
    private function lines(array $lines): string
    {
        $text = '';
        foreach ($lines as $line) {
            $marks = self::marks($line->node);
            $text .= "    {$line->link->value}" . ($line->branch === null ? '' : " ({$line->branch->name()})") . ': '
                . ($this->write)($line->node)
                . ($line->rejected === null ? '' : "   ✗ {$this->wording->say($line->rejected)}")
                . ($marks === [] ? '' : '   lit ' . implode(', ', $marks)) . "\n";
        }

        return $text;
    }

    /** @return list<string> each marked part with the kind of its mark */
    private static function marks(Node $node): array
    {
        $marks = $node instanceof Marked ? [
            $node->mark->kind->value
                . ($node->mark->kind === MarkKind::Degree ? " {$node->mark->ink}" : '')
                . ' '
                . Ascii::write($node->content),
        ] : [];

        return [...$marks, ...array_merge(...array_map(self::marks(...), $node->children()))];
    }

    /** What is new in a figure since the last one: changed entries, and of a grown list only what was added. */
    private function news(Figure $figure): string
    {
        $data = array_map(self::plain(...), $figure->data());
        $news = [];
        foreach ($data as $key => $value) {
            $before = $this->before[$key] ?? null;
            if ($value === $before) {
                continue;
            }
            $grown = \is_array($value) && \is_array($before) && $before !== [] && \array_slice(
                $value,
                0,
                \count($before),
                true,
            ) === $before;
            $news[] = ($grown ? "+$key " : "$key ") . json_encode(
                $grown ? \array_slice($value, \count($before)) : $value,
                \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
            );
        }
        $this->before = $data;

        return implode('; ', $news);
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
