<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Refuses;
use App\Slates\PretendClass;
use App\Slates\Slates;
use Illuminate\Console\Command;
use Runel\Message\Message;

/** A class that is not there fills the room that is open, for a tutor who wants to see one alone. */
final class RoomCommand extends Command
{
    use Refuses;

    private const MOST = 40;
    /** In seconds. */
    private const PAUSE = 3;

    protected $signature = 'runel:room
        {--pretend=12 : How many come in, up to 40}
        {--once : Answer what is open now, and end}';

    protected $description = 'Fills the open room with a simulated class that answers, right and with slips';

    public function handle(Slates $slates, PretendClass $class): int
    {
        $wanted = $this->option('pretend');
        $count = \is_string($wanted) && preg_match('/^\d{1,2}$/', $wanted) === 1 ? min(self::MOST, (int) $wanted) : 0;
        if ($count < 1) {
            return $this->refuse(Message::of('slates.pretend', ['most' => self::MOST]));
        }
        $room = $slates->current();
        if ($room === null) {
            return $this->refuse(Message::of('slates.none'));
        }
        $members = $class->comeIn($room, $count);
        $this->line((string) trans_choice('slates.came-in', \count($members)));
        $done = 0;
        while (true) {
            $room = $slates->current();
            if ($room === null) {
                $this->line((string) __('slates.is-over'));

                return self::SUCCESS;
            }
            if ($room->state === 'open' && ($room->number !== $done || $room->kind === Slates::LINES)) {
                $this->line((string) trans_choice('slates.they-answered', $class->answer($room, $members)));
                $done = $room->number;
            }
            if ($this->option('once') === true) {
                return self::SUCCESS;
            }
            sleep(self::PAUSE);
        }
    }
}
