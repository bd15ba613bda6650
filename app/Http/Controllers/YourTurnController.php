<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use App\Http\Part;
use App\Turn\LineRead;
use App\Turn\YourTurn;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;

/** A learner's own lines, judged as they are written; a pure function of the address, nothing kept. */
final readonly class YourTurnController
{
    public function __construct(private Demonstrations $demonstrations, private Catalogue $catalogue) {}

    /** @throws Refusal when there is nothing to be done */
    public function show(Request $request, Address $address): Response
    {
        $turn = YourTurn::of($request->query->all(), $address, $this->demonstrations, $this->catalogue);
        $part = $turn->query->stage === null ? 'your-turn.turn' : 'your-turn.projector';

        return response()->view(Part::isAsked($request) ? $part : 'your-turn.page', [
            'turn' => $turn,
            'part' => $part,
        ]);
    }

    /** The line that is being typed, as it will stand. */
    public function reading(Request $request, Address $address): View
    {
        $draft = $request->query('next');

        return view('your-turn.reading', ['read' => LineRead::of($address, \is_string($draft) ? $draft : '')]);
    }
}
