<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Address\Standing;
use App\Http\Middleware\Place;
use App\Http\Requests\KeepStyleRequest;
use App\Style\Switches;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Runel\Method\Catalogue;
use Symfony\Component\HttpFoundation\Cookie;

/** The house style: one switch for each key that matters, a miniature for each of its values. */
final readonly class StyleController
{
    private const YEAR = 60 * 60 * 24 * 365;

    public function __construct(private Catalogue $catalogue) {}

    public function show(Address $address, Standing $standing, Switches $switches): View
    {
        return view('style.page', ['switches' => $switches->all($standing), 'place' => $address->place()]);
    }

    /** Keeps the style in a cookie. */
    public function keep(KeepStyleRequest $request, Standing $before): RedirectResponse
    {
        $standing = $request->standing($before, $this->catalogue);
        $cookie = Cookie::create(Place::COOKIE, http_build_query(
            $standing->chosen($this->catalogue),
        ), time() + self::YEAR)
            ->withSecure($request->isSecure())
            ->withHttpOnly()
            ->withSameSite(Cookie::SAMESITE_LAX);

        return redirect(
            route('style', $request->place(), false),
        )->withCookie($cookie)->with('notice', __('style.kept'));
    }
}
