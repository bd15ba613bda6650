<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use App\Http\Part;
use App\Ways\InLetters;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Refusal;

/** The quadratic formula, found on letters beside numbers, and why it looks as it does. */
final readonly class InLettersController
{
    /** @throws Refusal when the equation cannot be read */
    public function show(Request $request, Address $address, Demonstrations $demonstrations): Response
    {
        $found = InLetters::of($request->query->all(), $address, $demonstrations);

        return response()->view(Part::isAsked($request) ? 'ways.letters' : 'ways.letters-page', ['found' => $found]);
    }

    /** @throws Refusal when the equation cannot be read */
    public function reasons(Request $request, Address $address, Demonstrations $demonstrations): Response
    {
        $found = InLetters::of($request->query->all(), $address, $demonstrations);

        return response()->view('ways.formula', ['found' => $found]);
    }
}
