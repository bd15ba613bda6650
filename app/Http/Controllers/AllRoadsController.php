<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use App\Ways\AllRoads;
use Illuminate\Contracts\View\View;
use Runel\Message\Refusal;

/** One problem by every way there is, on one page. */
final readonly class AllRoadsController
{
    /** @throws Refusal when nothing fits */
    public function show(Address $address, Demonstrations $demonstrations): View
    {
        return view('ways.roads', ['roads' => AllRoads::of($address, $demonstrations)]);
    }
}
