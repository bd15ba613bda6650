<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Bench\Reading;
use App\Demonstrations\Demonstrations;
use App\Http\BenchResponse;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** The start: a problem is typed, read while it is typed, and a way to demonstrate it is chosen. */
final readonly class BenchController
{
    /** Only what Runel makes of the problem so far, for the page that is open already. */
    public function reading(Address $address, Demonstrations $demonstrations): View
    {
        return view('bench.reading', ['reading' => Reading::of($address, $demonstrations)]);
    }

    public function show(Address $address, BenchResponse $bench): Response
    {
        return $bench->show($address);
    }
}
