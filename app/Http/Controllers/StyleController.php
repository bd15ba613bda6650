<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Address\KeptStyles;
use App\Address\Standing;
use App\Http\Away;
use App\Http\Middleware\Place;
use App\Http\Requests\KeepStyleRequest;
use App\Page\PageFace;
use App\Style\NamedStyles;
use App\Style\Switches;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Symfony\Component\HttpFoundation\Cookie;

/** The house style: one line for each key that matters, and the styles that are kept under names. */
final readonly class StyleController
{
    private const YEAR = 60 * 60 * 24 * 365;

    public function __construct(
        private Catalogue $catalogue,
        private NamedStyles $named,
        private PageFace $page,
    ) {}

    public function show(Request $request, Address $address, Standing $standing, Switches $switches): View
    {
        return view('style.page', [
            'groups' => $switches->all($standing),
            'place' => $address->place(),
            'kept' => $this->links($request, $address),
            'mine' => $this->named->areMine(),
            'clashes' => $this->named->areMine() ? array_keys($this->inCookie($request)->byName) : [],
        ]);
    }

    /** The styles kept under names, each leading back to where it was asked for. */
    public function kept(Request $request, Address $address): View
    {
        return view('style.kept', ['kept' => $this->links($request, $address), 'place' => $address->place()]);
    }

    /** Keeps the style: in a cookie as the one of this computer; under a name with what is the tutor's. */
    public function keep(KeepStyleRequest $request, Standing $before): RedirectResponse
    {
        $standing = $request->standing($before, $this->catalogue);
        $name = $request->name();
        $kept = $this->inCookie($request);
        $back = Away::to('style', $request->place());
        if ($request->settled() !== null) {
            return $this->settle($request, $kept, $request->settled(), $back);
        }
        if ($request->forgotten() !== null) {
            $back = $back->with('notice', __('style.forgotten'));
            if ($this->named->areMine()) {
                $this->named->forget($request->forgotten());

                return $back;
            }

            return $this->remembering($request, $back, $kept->without($request->forgotten()));
        }
        $own = $this->cookie($request, Place::COOKIE, http_build_query($standing->kept($this->catalogue)));
        if ($name === '') {
            return $back->withCookie($own)->with('notice', __('style.kept'));
        }
        if ($this->named->areMine()) {
            try {
                $this->named->keep($name, $standing);
            } catch (Refusal $refusal) {
                return $back->withCookie($own)->with('notice', $this->page->plain($refusal->reason));
            }

            return $back->withCookie($own)->with('notice', __('style.kept-named', ['name' => $name]));
        }
        $more = $kept->with($name, $standing);

        return $this->remembering($request, $back->withCookie($own), $more)
            ->with('notice', __($more === $kept ? 'style.full' : 'style.kept-named', ['name' => $name]));
    }

    /** Of two styles under one name the tutor says which is meant, or keeps both. */
    private function settle(
        KeepStyleRequest $request,
        KeptStyles $kept,
        string $name,
        RedirectResponse $back,
    ): RedirectResponse {
        $standing = $kept->byName[$name] ?? null;
        if ($standing === null || !$this->named->areMine()) {
            return $back;
        }
        try {
            match ($request->choice()) {
                'browser' => $this->named->keep($name, $standing),
                'both' => $this->named->keep((string) __('style.second', ['name' => $name]), $standing),
                default => null,
            };
        } catch (Refusal $refusal) {
            return $back->with('notice', $this->page->plain($refusal->reason));
        }

        return $this->remembering($request, $back, $kept->without($name))
            ->with('notice', __('style.settled', ['name' => $name]));
    }

    private function inCookie(Request $request): KeptStyles
    {
        return KeptStyles::ofCookie($request->cookie(KeptStyles::COOKIE), $this->catalogue);
    }

    private function remembering(Request $request, RedirectResponse $back, KeptStyles $kept): RedirectResponse
    {
        return $back->withCookie($kept->asCookie($this->catalogue, $request->isSecure()));
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
            $this->named->areMine() ? $this->named->all() : $this->inCookie($request)->byName,
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
