<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Faces\Faces;
use App\Values\Given;
use Illuminate\Http\Response;
use Runel\Lesson\Content\Aim;
use Runel\Lesson\Plan;
use Runel\Lesson\Remark;
use Runel\Message\Message;
use Runel\Style\HouseStyle;

/** A lesson as a file in an open format, which {@see LessonReader} reads back. */
final readonly class LessonFile
{
    public const FORMATS = [
        'json' => 'application/json',
        'md' => 'text/markdown',
        'ics' => 'text/calendar',
    ];

    public function __construct(private Faces $faces, private HouseStyle $style) {}

    public static function answer(string $content, string $extension): Response
    {
        return new Response($content, 200, [
            'Content-Type' => self::FORMATS[$extension] . '; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"runel-lesson.$extension\"",
        ]);
    }

    /**
     * @param list<LessonItem>     $items
     * @param string               $format json or md
     * @param array<string, mixed> $head   what is said of the whole, besides its name
     */
    public function write(string $name, array $items, Plan $plan, string $format, array $head = []): string
    {
        return $format === 'json' ? json_encode(
            $this->data($name, $items, $plan, $head),
            \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
        ) . "\n" : $this->markdown($name, $items, $plan);
    }

    /** What the goal of a proposed lesson says. */
    public function goal(Aim $aim): string
    {
        $adds = $aim->rung->adds;

        return $this->say($adds === null
            ? Message::of('lesson.goal-first')
            : Message::of('lesson.goal', ['adds' => Message::of("practice.adds.$adds->value")]));
    }

    /** What a proposed lesson is called. */
    public function goalOf(ProposedLesson $lesson): string
    {
        return $this->say(Message::of('practice.skill.' . $lesson->code->skill)) . ', '
            . $this->say(Message::of('sets.rung', ['number' => $lesson->code->rung]));
    }

    /**
     * @param list<LessonItem>     $items
     * @param array<string, mixed> $head
     *
     * @return array<string, mixed>
     */
    private function data(string $name, array $items, Plan $plan, array $head): array
    {
        return [
            'runel' => 1,
            'name' => $name,
            'minutes' => $plan->minutes,
            'wide' => $plan->surface->wide,
            'high' => $plan->surface->high,
        ] + $head + [
            'items' => array_map(static fn(LessonItem $item, int $place): array => $item->toArray() + [
                'begins' => $plan->begins($place + 1),
                'seconds' => $plan->items[$place]->seconds,
            ], $items, array_keys($items)),
            'remarks' => array_map(fn(Remark $remark): array => [
                'item' => $remark->item,
                'message' => $this->say($remark->message),
            ], $plan->remarks()),
        ];
    }

    /** @param list<LessonItem> $items */
    private function markdown(string $name, array $items, Plan $plan): string
    {
        $text = '# ' . str_replace('#', '', $name) . "\n\n"
            . "- minutes: $plan->minutes\n- wide: {$plan->surface->wide}\n- high: {$plan->surface->high}\n\n";
        $remarks = $plan->remarks();
        foreach ($items as $place => $item) {
            $begins = $plan->begins($place + 1);
            $text .= \sprintf(
                "%d. **%s** (%d:%02d) %s%s\n",
                $place + 1,
                $this->say(Message::of("lesson.kind.{$item->kind()->value}")),
                intdiv($begins, 60),
                $begins % 60,
                $item->content->markdown(),
                self::details($item),
            );
            foreach ($remarks as $remark) {
                $text .= $remark->item === $place + 1 ? '   - ' . $this->say($remark->message) . "\n" : '';
            }
        }

        return $text;
    }

    /** What else is said of it, in a form that is read back. */
    private static function details(LessonItem $item): string
    {
        $values = array_diff_key($item->toArray(), [
            'id' => 1, 'kind' => 1, 'text' => 1, 'own' => 1, 'pick' => 1, 'page' => 1, 'made' => 1, 'at' => 1,
            'ink' => 1,
        ]);
        $task = Given::of($values)->within('task');
        unset($values['task']);
        $details = array_filter(['job' => $task->typed('job'), 'method' => $task->typed('method')]) + array_map(
            static fn(mixed $value): string => \is_bool($value) ? 'yes' : Given::of([$value])->text(0),
            $values,
        );
        $parts = array_map(
            static fn(string $key, string $value): string => "$key: $value",
            array_keys($details),
            array_values($details),
        );

        return $parts === [] ? '' : ' {' . implode(', ', $parts) . '}';
    }

    private function say(Message $message): string
    {
        return $this->faces->text($this->style)->say($message);
    }
}
