<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\RedirectResponse;

/** Sent on to a room, by an address without a host: whoever asked knows best under which name Runel is reached. */
final class Away
{
    /** @param array<array-key, mixed> $parameters */
    public static function to(string $room, array $parameters = [], int $status = 302): RedirectResponse
    {
        return redirect(route($room, $parameters, false), $status);
    }
}
