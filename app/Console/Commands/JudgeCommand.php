<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Learners\Rejudging;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;

/** Judges kept work anew after an update: bin/demo does so whenever it starts. */
final class JudgeCommand extends Command
{
    protected $signature = 'runel:judge {--if-any : Say nothing where there was nothing to judge}';

    protected $description = 'Judges kept work anew where another version of Runel judged it';

    public function handle(Rejudging $rejudging): int
    {
        [$anew, $otherwise] = $rejudging->all(Carbon::now());
        if ($anew > 0 || $this->option('if-any') !== true) {
            $this->line(trans_choice('copies.judged', $anew) . ' ' . trans_choice('copies.otherwise', $otherwise));
        }

        return self::SUCCESS;
    }
}
