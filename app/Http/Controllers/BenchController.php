<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Reading;
use App\Demonstrations\Demonstrations;
use App\Http\Address;
use App\Http\Middleware\HouseStyleFromRequest;
use App\Models\Example;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The start: a problem is typed, read while it is typed, and a way to demonstrate it is chosen. */
final readonly class BenchController
{
    public function __construct(private Demonstrations $demonstrations) {}

    /** Only what Runel makes of the problem so far, for the page that is open already. */
    public function reading(Request $request): View
    {
        return view('bench.reading', ['reading' => $this->read($request)]);
    }

    public function show(Request $request): Response
    {
        $reading = $this->read($request);

        return response()->view('bench.page', [
            'reading' => $reading,
            'examples' => Example::query()->orderBy('position')->orderBy('id')->get()->groupBy('shelf'),
        ], $reading->refusal === null ? 200 : 422);
    }

    private function read(Request $request): Reading
    {
        return Reading::of(Address::of($request, HouseStyleFromRequest::style($request)), $this->demonstrations);
    }
}
