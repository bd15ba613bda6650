<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Demonstrations\Demonstrations;
use App\Http\Address;
use App\Http\Middleware\HouseStyleFromRequest;
use App\Ways\TwoWays;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Refusal;

/** The same problem by two methods side by side. */
final readonly class TwoWaysController
{
    public function __construct(private Demonstrations $demonstrations) {}

    public function show(Request $request): Response|RedirectResponse
    {
        $address = Address::of($request, HouseStyleFromRequest::style($request));
        try {
            $ways = TwoWays::of($request, $address, $this->demonstrations);
        } catch (Refusal) {
            return redirect($address->to('/', ['step' => null]));
        }

        return response()->view($request->header('HX-Request') === null ? 'ways.page' : 'ways.ways', ['ways' => $ways])->header('Vary', 'HX-Request');
    }
}
