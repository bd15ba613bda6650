<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Address\KeptStyles;
use App\Address\Standing;
use App\Http\Away;
use App\Http\Middleware\Place;
use App\Http\Requests\KeepStyleRequest;
use App\Style\Switches;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Runel\Method\Catalogue;
use Symfony\Component\HttpFoundation\Cookie;

/** The house style: one line for each key that matters, and the styles that are kept under names. */
final readonly class StyleController
{
    private const YEAR = 60 * 60 * 24 * 365;

    public function __construct(private Catalogue $catalogue) {}

    public function show(Request $request, Address $address, Standing $standing, Switches $switches): View
    {
        return view('style.page', [
            'groups' => $switches->all($standing),
            'place' => $address->place(),
            'kept' => $this->links($request, $address),
        ]);
    }

    /** The styles kept under names, each leading back to where it was asked for. */
    public function kept(Request $request, Address $address): View
    {
        return view('style.kept', ['kept' => $this->links($request, $address), 'place' => $address->place()]);
    }

    /** Keeps the style in a cookie: as the one of this computer, or under a name. */
    public function keep(KeepStyleRequest $request, Standing $before): RedirectResponse
    {
        $standing = $request->standing($before, $this->catalogue);
        $name = $request->name();
        $kept = KeptStyles::ofCookie($request->cookie(KeptStyles::COOKIE), $this->catalogue);
        $back = Away::to('style', $request->place());
        if ($request->forgotten() !== null) {
            return $back->withCookie($this->cookie(
                $request,
                KeptStyles::COOKIE,
                $kept->without($request->forgotten())->toCookie($this->catalogue),
            ))->with('notice', __('style.forgotten'));
        }
        $own = $this->cookie($request, Place::COOKIE, http_build_query($standing->chosen($this->catalogue)));
        if ($name === '') {
            return $back->withCookie($own)->with('notice', __('style.kept'));
        }
        $more = $kept->with($name, $standing);

        return $back->withCookie($own)
            ->withCookie($this->cookie($request, KeptStyles::COOKIE, $more->toCookie($this->catalogue)))
            ->with('notice', __($more === $kept ? 'style.full' : 'style.kept-named', ['name' => $name]));
    }

    /** @return array<string, string> where each kept style leads, by its name */
    private function links(Request $request, Address $address): array
    {
        $place = $address->place();
        $room = isset($place['method']) ? 'board' : 'bench';

        return array_map(
            static fn(Standing $standing): string => Address::of(
                $place,
                $standing->style,
                $standing->choices,
            )->to($room),
            KeptStyles::ofCookie($request->cookie(KeptStyles::COOKIE), $this->catalogue)->byName,
        );
    }

    private function cookie(Request $request, string $name, string $value): Cookie
    {
        return Cookie::create($name, $value, time() + self::YEAR)
            ->withSecure($request->isSecure())
            ->withHttpOnly()
            ->withSameSite(Cookie::SAMESITE_LAX);
    }
}
