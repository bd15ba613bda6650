<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Lessons\Showing;
use App\Values\Given;
use Runel\Lesson\Content\TutorsWords;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Message\BadRequest;
use Runel\Message\Message;

/** A goal or a note. */
final readonly class KeptWords implements KeptContent
{
    private const LONGEST = 2000;

    private function __construct(private ItemKind $kind, public string $text) {}

    /** @throws BadRequest when nothing is said, or too much */
    public static function goal(Given $given): self
    {
        return new self(ItemKind::Goal, self::read($given));
    }

    /** @throws BadRequest when nothing is said, or too much */
    public static function note(Given $given): self
    {
        return new self(ItemKind::Note, self::read($given));
    }

    public function kind(): ItemKind
    {
        return $this->kind;
    }

    public function toArray(): array
    {
        return ['text' => $this->text];
    }

    public function item(Showing $showing): Item
    {
        return Item::words(
            $this->kind === ItemKind::Goal ? TutorsWords::goal($this->text) : TutorsWords::note($this->text),
            $showing->pace,
        );
    }

    public function typed(): string
    {
        return $this->text;
    }

    public function markdown(): string
    {
        return str_replace(['{', "\n"], ['\\{', '<br>'], str_replace("\r", '', $this->text));
    }

    /** @throws BadRequest */
    private static function read(Given $given): string
    {
        $text = $given->text('text');
        if ($text === '') {
            throw new BadRequest(Message::of('lesson.no-words'));
        }
        if (mb_strlen($text) > self::LONGEST) {
            throw new BadRequest(Message::of('lesson.long-words', ['most' => self::LONGEST]));
        }

        return $text;
    }
}
