<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Learners\LearnerRecord;
use App\Learners\Learners;
use App\Lessons\KeptLessons;
use App\Today\Today;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Carbon;

/** What the bench shows the tutor of this evening, fetched beside it. */
final readonly class TodayController
{
    public function __construct(private Learners $learners, private KeptLessons $lessons) {}

    public function show(): View
    {
        $now = Carbon::now();

        return view('bench.today', [
            'today' => Today::of(
                array_values(LearnerRecord::all($this->learners->all(), $now)),
                $this->lessons->all(),
                $now,
            ),
        ]);
    }
}
