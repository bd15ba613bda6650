<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Kept\Copies;
use App\Slates\Slates;
use Illuminate\Console\Command;
use Illuminate\Contracts\Config\Repository;
use Runel\Message\Refusal;

/** What is due once a day: the copy of the day made, and sessions swept that are over. */
final class TidyCommand extends Command
{
    protected $signature = 'runel:tidy';

    protected $description = 'Makes the copy of the day and sweeps sessions that are over';

    public function handle(Copies $copies, Repository $config, Slates $slates): int
    {
        $slates->sweep();
        try {
            $copies->makeDaily();
        } catch (Refusal $refusal) {
            logger()->error('The copy of the day was not made.', ['reason' => $refusal->reason->key]);
        }
        [$folder, $minutes] = [$config->get('session.files'), $config->get('session.lifetime')];
        foreach (\is_string($folder) ? glob("$folder/*") ?: [] : [] as $file) {
            if (\is_int($minutes) && (int) @filemtime($file) < time() - 60 * $minutes) {
                @unlink($file);
            }
        }

        return self::SUCCESS;
    }
}
