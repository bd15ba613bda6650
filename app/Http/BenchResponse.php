<?php

declare(strict_types=1);

namespace App\Http;

use App\Address\Address;
use App\Bench\Reading;
use App\Demonstrations\Demonstrations;
use App\Shelf\Shelf;
use App\Shelf\ShelfUnavailable;
use Illuminate\Http\Response;
use Runel\Message\Refusal;

/** The bench as a page: with what was typed, what Runel makes of it, and the shelf where it can be read. */
final readonly class BenchResponse
{
    public function __construct(private Demonstrations $demonstrations, private Shelf $shelf) {}

    /** @param Refusal|null $turnedDown why something else that was asked for cannot be shown */
    public function show(Address $address, ?Refusal $turnedDown = null): Response
    {
        $reading = Reading::of($address, $this->demonstrations, $turnedDown);
        try {
            $shelves = $this->shelf->all($address->style());
        } catch (ShelfUnavailable) {
            $shelves = null;
        }

        return response()->view('bench.page', [
            'reading' => $reading,
            'shelves' => $shelves,
        ], $reading->refusal === null ? 200 : 422);
    }
}
