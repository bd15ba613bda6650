<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Faces\Faces;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Lesson\Remark;
use Runel\Message\Message;
use Runel\Style\HouseStyle;

/** A proposed lesson as a file in an open format. */
final readonly class LessonFile
{
    public const FORMATS = ['json' => 'application/json', 'md' => 'text/markdown'];

    public function __construct(private Faces $faces, private HouseStyle $style) {}

    /** @param string $format a key of the formats */
    public function write(ProposedLesson $lesson, string $format): string
    {
        return $format === 'json' ? json_encode(
            $this->data($lesson),
            \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
        ) . "\n" : $this->markdown($lesson);
    }

    /** @return array<string, mixed> */
    private function data(ProposedLesson $lesson): array
    {
        return [
            'runel' => 1,
            'lesson' => $lesson->code->code(1),
            'skill' => $lesson->code->skill->value,
            'rung' => $lesson->code->rung,
            'minutes' => $lesson->plan->minutes,
            'items' => array_map(static fn(Item $item, int $place): array => [
                'kind' => $item->kind->value,
                'begins' => $lesson->plan->begins($place + 1),
                'seconds' => $item->seconds,
                'problem' => $item->made?->problem,
                'job' => $item->demonstrated()?->job->value,
                'method' => $item->demonstrated()?->method,
                'slip' => $item->slip?->value,
                'count' => $item->count > 0 ? $item->count : null,
            ], $lesson->plan->items, array_keys($lesson->plan->items)),
            'remarks' => array_map(fn(Remark $remark): array => [
                'item' => $remark->item,
                'message' => $this->say($remark->message),
            ], $lesson->plan->remarks()),
        ];
    }

    private function markdown(ProposedLesson $lesson): string
    {
        $text = '# ' . $this->say(Message::of('practice.skill.' . $lesson->code->skill->value)) . ', '
            . $this->say(Message::of('sets.rung', ['number' => $lesson->code->rung])) . "\n\n";
        foreach ($lesson->plan->items as $place => $item) {
            $begins = $lesson->plan->begins($place + 1);
            $text .= \sprintf(
                "%d. **%s** (%d:%02d)%s\n",
                $place + 1,
                $this->say(Message::of("lesson.kind.{$item->kind->value}")),
                intdiv($begins, 60),
                $begins % 60,
                $item->made === null || $item->kind === ItemKind::Set ? '' : ": `{$item->made->problem}`",
            );
            foreach ($lesson->plan->remarks() as $remark) {
                $text .= $remark->item === $place + 1 ? '   - ' . $this->say($remark->message) . "\n" : '';
            }
        }

        return $text;
    }

    private function say(Message $message): string
    {
        return $this->faces->text($this->style)->say($message);
    }
}
