<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\HouseStyleFromRequest;
use App\Style\Miniatures;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\BadRequest;
use Runel\Style\HouseStyle;
use Symfony\Component\HttpFoundation\Cookie;

/** The house style: one switch for each key that matters, a miniature for each of its values. */
final readonly class StyleController
{
    private const YEAR = 60 * 60 * 24 * 365;

    public function show(Request $request, Miniatures $miniatures): Response
    {
        return response()->view('style.page', [
            'style' => HouseStyleFromRequest::style($request),
            'miniatures' => $miniatures,
            'place' => self::place($request->query->all()),
        ]);
    }

    /** Keeps the style in a cookie. */
    public function keep(Request $request): RedirectResponse
    {
        $style = HouseStyleFromRequest::style($request);
        foreach (array_intersect_key($request->request->all(), HouseStyle::TABLE) as $key => $value) {
            try {
                $style = $style->with((string) $key, \is_string($value) ? $value : '');
            } catch (BadRequest) {
                continue;
            }
        }

        return redirect()->route('style', self::place($request->request->all()))
            ->withCookie(new Cookie(HouseStyleFromRequest::COOKIE, http_build_query($style->chosen()), time() + self::YEAR, '/', null, false, true, false, Cookie::SAMESITE_LAX))
            ->with('notice', __('style.kept'));
    }

    /**
     * Where the tutor came from: a place on a board, a problem on the bench, or nothing.
     *
     * @param array<array-key, mixed> $input
     *
     * @return array<string, string>
     */
    private static function place(array $input): array
    {
        $place = array_intersect_key($input, array_flip(['problem', 'job', 'method', 'step']));

        return array_filter($place, static fn(mixed $value): bool => \is_string($value) && $value !== '');
    }
}
