<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** The pages replace a part of themselves where they can; whoever asks for that says so. */
final class Part
{
    public static function isAsked(Request $request): bool
    {
        return $request->headers->has('HX-Request');
    }
}
