<?php

declare(strict_types=1);

namespace App\Http;

use App\Address\Address;
use App\Bench\Reading;
use App\Demonstrations\Demonstrations;
use App\Page\Remembered;
use App\Shelf\Shelf;
use App\Shelf\ShelfUnavailable;
use Illuminate\Http\Response;
use Runel\Message\Refusal;

/** The bench as a page: with what was typed, what Runel makes of it, and the shelf where it can be read. */
final readonly class BenchResponse
{
    public function __construct(
        private Demonstrations $demonstrations,
        private Shelf $shelf,
        private Remembered $remembered,
    ) {}

    /** @param Refusal|null $turnedDown why something else that was asked for cannot be shown */
    public function show(Address $address, ?Refusal $turnedDown = null): Response
    {
        $reading = Reading::of($address, $this->demonstrations, $turnedDown);
        $style = $address->style();
        try {
            $shelf = $this->remembered->html('shelf', $style, fn(): string => view('bench.shelf', [
                'shelves' => $this->shelf->all($style),
            ])->render(), $this->shelf->state());
        } catch (ShelfUnavailable) {
            $shelf = null;
        }

        return response()->view('bench.page', [
            'reading' => $reading,
            'shelf' => $shelf,
        ], $reading->refusal === null ? 200 : 422);
    }
}
