<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Contract\Requested;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Runel\Method\Catalogue;

/** Demonstrations for machines. */
final readonly class DemonstrationController
{
    public function __construct(private Requested $requested, private Catalogue $catalogue) {}

    public function show(Request $request): JsonResponse
    {
        $answer = $this->requested->answer($this->request($request->query->all()));

        return response()->json(
            $answer,
            isset($answer['error']) ? 422 : 200,
            options: \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        );
    }

    /**
     * The query as a request of the contract: a house-style key or a choice may stand there by itself, as in an
     * address that Runel made.
     *
     * @param array<array-key, mixed> $query
     *
     * @return array<string, mixed>
     */
    private function request(array $query): array
    {
        $known = array_flip(array_column($this->catalogue->choices(), 'key'));
        $named = array_intersect_key($query, ['problem' => 1, 'job' => 1, 'method' => 1, 'figures' => 1]);
        $style = $query['style'] ?? [];
        $choices = $query['choices'] ?? [];
        $rest = array_diff_key($query, $named, $known, ['style' => 1, 'choices' => 1, Address::COMPLETE => 1]);

        return $named + [
            'style' => \is_array($style) ? $rest + $style : $style,
            'choices' => \is_array($choices) ? array_intersect_key($query, $known) + $choices : $choices,
        ];
    }
}
