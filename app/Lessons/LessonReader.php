<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Faces\WordList;
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
        $data = json_decode($text, true, 16);
        if (!\is_array($data) || !\is_array($data['items'] ?? null)) {
            throw new BadRequest(Message::of('lesson.no-lesson'));
        }
        $version = $data['runel'] ?? null;
        if (!\is_int($version) || $version > self::VERSION) {
            throw new BadRequest(Message::of('kept.newer', ['known' => self::VERSION]));
        }
        $style = HouseStyle::of(\is_array($data['style'] ?? null) ? $data['style'] : []);

        return new self(LessonHead::of($data), self::items($data['items']), $style);
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

        if ($kind === ItemKind::Set && preg_match_all('/`([^`]*)`/u', $rest, $problems) > 0) {
            $isPick = preg_match('/^[a-z-]+\.[\d-]*\.\d+$/', $problems[1][0]) === 1;

            return ['kind' => $kind->value] + $details + ($isPick
                ? ['pick' => $problems[1][0]]
                : ['own' => implode("\n", $problems[1])]);
        }

        return $details + [
            'kind' => $kind->value ?? $heading,
            match (true) {
                $kind?->isWords() === true => 'text',
                $kind === ItemKind::Set => 'pick',
                default => 'problem',
            } => $code,
        ];
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
                $items[] = LessonItem::of(\is_array($values) ? $values : []);
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
