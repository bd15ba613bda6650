<?php

declare(strict_types=1);

namespace App\Console;

use App\Faces\Faces;
use Runel\Message\Message;
use Runel\Style\HouseStyle;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/** A command that says in words why it does not do what it is asked. */
trait Refuses
{
    /** @return int the exit code of a refusal */
    private function refuse(string|Message $reason): int
    {
        $output = $this->output->getOutput();
        $words = \is_string($reason) ? $reason : app(Faces::class)->text(HouseStyle::default())->say($reason);
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($words);

        return 2;
    }
}
