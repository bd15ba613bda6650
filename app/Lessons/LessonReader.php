<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Faces\WordList;
use App\Values\Given;
use Runel\Lesson\ItemKind;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Style\HouseStyle;

/** Reads a lesson that went out as JSON or Markdown, or was written by hand in the same form. */
final readonly class LessonReader
{
    /** The form of files this program reads. */
    private const VERSION = 1;

    /** @param list<LessonItem> $items */
    private function __construct(public LessonHead $head, public array $items, public HouseStyle $style) {}

    /** @throws Refusal with the item that cannot be read */
    public static function of(string $text): self
    {
        return str_starts_with(ltrim($text), '{') ? self::json($text) : self::markdown($text);
    }

    /** @throws Refusal */
    private static function json(string $text): self
    {
        $given = Given::json($text);
        if (!$given->has('items')) {
            throw new BadRequest(Message::of('lesson.no-lesson'));
        }
        if (($given->number('runel', 6) ?? \PHP_INT_MAX) > self::VERSION) {
            throw new BadRequest(Message::of('kept.newer', ['known' => self::VERSION]));
        }
        $style = HouseStyle::of($given->list('style'));

        return new self(LessonHead::of($given->values), self::items($given->list('items')), $style);
    }

    /** @throws Refusal */
    private static function markdown(string $text): self
    {
        $head = [];
        $items = [];
        foreach (explode("\n", $text) as $line) {
            if (preg_match('/^#\s+(.+)$/u', $line, $match) === 1) {
                $head['name'] ??= $match[1];
            } elseif (preg_match('/^[-*]\s*(minutes|wide|high|held_at):\s*(.+)$/u', $line, $match) === 1) {
                $head[$match[1]] = trim($match[2]);
            } elseif (preg_match('/^\d+[.)]\s+\*\*(.+?)\*\*\s*(?:\([\d:]+\))?\s*(.*)$/u', $line, $match) === 1) {
                $items[] = self::item(trim($match[1]), trim($match[2]));
            }
        }
        if ($head === [] && $items === []) {
            throw new BadRequest(Message::of('lesson.no-lesson'));
        }

        return new self(LessonHead::of($head), self::items($items), HouseStyle::default());
    }

    /** @return array<string, string> */
    private static function item(string $heading, string $rest): array
    {
        $kind = self::kind($heading);
        $details = [];
        if (preg_match('/(?<!\\\\)\{([^{}]*)\}\s*$/u', $rest, $match) === 1) {
            $rest = trim(substr($rest, 0, -\strlen($match[0])));
            foreach (explode(',', $match[1]) as $part) {
                [$key, $value] = explode(':', $part, 2) + [1 => ''];
                $details[trim($key)] = trim($value);
            }
        }
        $words = str_replace(['\\{', '<br>'], ['{', "\n"], $rest);
        $code = preg_match('/^`(.*)`$/u', $rest, $match) === 1 ? $match[1] : $words;

        return ['kind' => $kind->value ?? $heading] + $details + match ($kind) {
            ItemKind::Goal, ItemKind::Note => ['text' => $code],
            ItemKind::Demonstration, ItemKind::YourTurn, ItemKind::TwoWays, ItemKind::Warning,
            ItemKind::SlipToFind => ['problem' => $code],
            ItemKind::Set => self::set($rest, $code),
            null => [],
        };
    }

    /** @return array<string, string> what is picked, or the problems themselves */
    private static function set(string $rest, string $code): array
    {
        preg_match_all('/`([^`]*)`/u', $rest, $problems);
        $isPick = preg_match('/^[a-z-]+\.[\d-]*\.\d+$/', $problems[1][0] ?? $code) === 1;

        return $problems[1] === [] || $isPick
            ? ['pick' => $problems[1][0] ?? $code]
            : ['own' => implode("\n", $problems[1])];
    }

    /** The kind that a heading names, in the words of any language there is. */
    private static function kind(string $heading): ?ItemKind
    {
        foreach (ItemKind::cases() as $kind) {
            if (WordList::of("reading.item.$kind->value")->holds($heading)) {
                return $kind;
            }
        }

        return null;
    }

    /**
     * @param array<array-key, mixed> $list
     *
     * @return list<LessonItem>
     *
     * @throws Refusal
     */
    private static function items(array $list): array
    {
        if (\count($list) > KeptLessons::MOST_ITEMS) {
            throw new BadRequest(Message::of('lesson.too-long', [
                'count' => \count($list),
                'most' => KeptLessons::MOST_ITEMS,
            ]));
        }
        $items = [];
        foreach (array_values($list) as $place => $values) {
            try {
                $items[] = LessonItem::of(Given::of($values)->values);
            } catch (Refusal $refusal) {
                throw new BadRequest(Message::of('lesson.item-refused', [
                    'item' => $place + 1,
                    'reason' => $refusal->reason,
                ]));
            }
        }

        return $items;
    }
}
