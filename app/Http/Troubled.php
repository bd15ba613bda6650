<?php

declare(strict_types=1);

namespace App\Http;

use App\Address\Hidden;
use App\Kept\Trouble;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HtmlResponse;
use Symfony\Component\HttpFoundation\Response;

/** Where something that is kept cannot be read or written: what is the matter, what helps, and what was typed. */
final class Troubled
{
    /** What is nobody's typing, or is never shown again. */
    private const NOT_TYPED = [
        '_token', '_method', 'version', 'passphrase', 'wanted', 'again', 'order', 'opened', 'seen',
    ];

    public static function response(Trouble $trouble, Request $request): Response
    {
        $status = $trouble->passes() ? Response::HTTP_SERVICE_UNAVAILABLE : Response::HTTP_INTERNAL_SERVER_ERROR;
        if ($request->is('api/*') || $request->expectsJson()) {
            return new JsonResponse(['error' => [
                'code' => 'out-of-reach',
                'message' => __("trouble.$trouble->value"),
                'at' => null,
            ]], $status, [], \JSON_UNESCAPED_UNICODE);
        }

        return new HtmlResponse(view('errors.trouble', [
            'trouble' => $trouble,
            'typed' => self::typed($request),
            'again' => $request->isMethod('GET') ? null : $request->getRequestUri(),
        ])->render(), $status, ['Cache-Control' => 'no-store'] + ($trouble->passes() ? ['Retry-After' => '2'] : []));
    }

    /** @return list<array{string, string}> what was sent, field by field */
    public static function typed(Request $request): array
    {
        return $request->isMethod('GET') ? [] : array_values(array_filter(
            Hidden::fields(self::named(array_diff_key((array) $request->post(), array_flip(self::NOT_TYPED)))),
            static fn(array $field): bool => trim($field[1]) !== '',
        ));
    }

    /**
     * @param array<array-key, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function named(array $fields): array
    {
        $named = [];
        foreach ($fields as $name => $value) {
            $named[(string) $name] = $value;
        }

        return $named;
    }
}
