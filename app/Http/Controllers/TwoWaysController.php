<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use App\Http\Part;
use App\Ways\TwoWays;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Refusal;

/** The same problem by two methods side by side. */
final readonly class TwoWaysController
{
    /** @throws Refusal when there are no two ways to show */
    public function show(Request $request, Address $address, Demonstrations $demonstrations): Response
    {
        $ways = TwoWays::of($request->query->all(), $address, $demonstrations);

        return response()->view(Part::isAsked($request) ? 'ways.ways' : 'ways.page', ['ways' => $ways]);
    }
}
