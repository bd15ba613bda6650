<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Turn\SlipHunt;
use App\Values\Given;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;

/** A page of work with one slip in it: the learner points at the line. A pure function of the address. */
final readonly class SpotController
{
    public function __construct(private Catalogue $catalogue) {}

    /** @throws Refusal when the problem cannot be read */
    public function show(Request $request, Address $address): Response
    {
        $given = Given::of($request->query());

        return response()->view('your-turn.spot', [
            'hunt' => SlipHunt::of($this->catalogue, $address, $given->texts('page'), $given->number('pick', 2)),
        ]);
    }
}
