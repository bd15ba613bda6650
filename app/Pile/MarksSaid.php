<?php

declare(strict_types=1);

namespace App\Pile;

use Runel\Marking\Marks;
use Runel\Message\Message;

/** Proposed points in one short line: 3 of 4: method 2 of 2, follow-through; result 1 of 2. */
final class MarksSaid
{
    /** @param \Closure(Message): string $say */
    public static function line(Marks $marks, \Closure $say): string
    {
        return self::whole($marks, $say) . ': ' . implode('; ', array_map($say, self::parts($marks)));
    }

    /** @param \Closure(Message): string $say */
    public static function whole(Marks $marks, \Closure $say): string
    {
        return $say(Message::of('marking.proposed', ['points' => $marks->points(), 'of' => $marks->of()]));
    }

    /** @return list<Message> */
    private static function parts(Marks $marks): array
    {
        $parts = [];
        if ($marks->methodOf > 0) {
            $parts[] = Message::of($marks->isThrough ? 'marking.proposed-through' : 'marking.proposed-method', [
                'points' => $marks->method,
                'of' => $marks->methodOf,
            ]);
        }
        $parts[] = Message::of('marking.proposed-result', ['points' => $marks->result, 'of' => $marks->resultOf]);
        if ($marks->formOf > 0) {
            $parts[] = Message::of('marking.proposed-form', ['points' => $marks->form, 'of' => $marks->formOf]);
        }

        return $parts;
    }
}
