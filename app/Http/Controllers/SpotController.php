<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Turn\TurnQuery;
use App\Values\Given;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Job\Jobs;
use Runel\Marking\Marker;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Proof\Effort;

/** A page of work with one slip in it: the learner points at the line. A pure function of the address. */
final readonly class SpotController
{
    /** The work that judging one page may take, in steps. */
    private const EFFORT = 1_500_000;

    public function __construct(private Catalogue $catalogue) {}

    /** @throws Refusal when the problem cannot be read */
    public function show(Request $request, Address $address): Response
    {
        $given = Given::of($request->query());
        $task = $address->task();
        $job = Jobs::all()->chosen($task->problem, $address->reference->job)->job();
        $lines = \array_slice($given->texts('page'), 0, TurnQuery::MOST_LINES);
        $marking = Marker::mark($this->catalogue, $task, $job, $lines, effort: Effort::of(self::EFFORT));
        $picked = $given->number('pick', 2);

        return response()->view('your-turn.spot', [
            'task' => $task,
            'job' => $job,
            'address' => $address,
            'lines' => $marking->lines,
            'typed' => $lines,
            'picked' => $picked !== null && isset($marking->lines[$picked - 1]) ? $picked : null,
        ]);
    }
}
