<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Demonstration\Answer\AllNumbersAnswer;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\AnswerType;
use Runel\Expression\Alternatives;
use Runel\Message\Message;

/** Answers that are said, not written: nothing solves it, or everything does but what is excluded. */
final class AnswerWords
{
    /** Null where the answer is written. */
    public static function of(Answer $answer): ?Message
    {
        $places = $answer instanceof AllNumbersAnswer ? $answer->excluded() : [];

        return match (true) {
            $answer->type() === AnswerType::None => Message::of('sets.none'),
            $answer->type() !== AnswerType::All => null,
            $places === [] => Message::of('sets.all'),
            default => Message::of('sets.all-but', [
                'places' => \count($places) === 1 ? $places[0] : new Alternatives($places),
            ]),
        };
    }
}
