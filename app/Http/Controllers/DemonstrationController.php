<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Demonstrations\RequestedDemonstration;
use App\Http\Address;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Runel\Message\Refusal;

/** Demonstrations for machines. */
final readonly class DemonstrationController
{
    public function __construct(private RequestedDemonstration $requested) {}

    public function show(Request $request): JsonResponse
    {
        $query = $request->query->all();
        $query['style'] = array_diff_key($query, array_flip(['problem', 'job', 'method', 'style', ...Address::CHOICES])) + (\is_array($query['style'] ?? null) ? $query['style'] : []);
        try {
            $data = $this->requested->data($query);
        } catch (Refusal $refusal) {
            return response()->json($this->requested->error($refusal), 422, options: \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
        }

        return response()->json($data, options: \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }
}
