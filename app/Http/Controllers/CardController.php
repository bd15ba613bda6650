<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use App\Faces\Words;
use App\Sheet\MethodCard;
use App\Sheet\Sheet;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Runel\Message\Refusal;

/** A method as a card for the notebook, with one example that does all of it. */
final readonly class CardController
{
    public function __construct(private Demonstrations $demonstrations, private Words $words) {}

    /** @throws Refusal when there is nothing to show */
    public function show(Address $address, Request $request): View
    {
        $demonstration = $this->demonstrations->of(
            $address->task(),
            $address->reference->job,
            $address->reference->method,
        );
        return view('sheet.card', [
            'address' => $address,
            'card' => MethodCard::of($demonstration, $this->words->has(...)),
            'sheet' => Sheet::of($demonstration, ''),
            'isExampleFirst' => $request->query('example') === 'first',
        ]);
    }
}
