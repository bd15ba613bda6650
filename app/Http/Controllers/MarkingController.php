<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Markings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A person's lines judged over HTTP; nothing is kept, nothing is logged. */
final readonly class MarkingController
{
    public function __construct(private Markings $markings) {}

    public function store(Request $request): JsonResponse
    {
        // As it was sent: an empty line is a line, and the framework would make it nothing.
        $sent = json_decode($request->getContent(), true, 16);
        $answer = $this->markings->answer(\is_array($sent) ? $sent : []);

        return response()->json(
            $answer,
            isset($answer['error']) ? 422 : 200,
            options: \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        );
    }
}
