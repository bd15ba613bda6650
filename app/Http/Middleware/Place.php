<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Address\Address;
use App\Address\Standing;
use App\Faces\Faces;
use Closure;
use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Http\Request;
use Runel\Method\Catalogue;
use Runel\Style\HouseStyle;
use Symfony\Component\HttpFoundation\Response;

/**
 * Binds to the request what it is about: the house style and the standing choices (the cookie's, overlaid by what
 * the address says) and the address itself. An address that Runel made says all of it, so that a shared one shows
 * the same to everybody.
 */
final readonly class Place
{
    public const COOKIE = 'runel_style';
    private const LONGEST_COOKIE = 2000;

    public function __construct(
        private Container $container,
        private Translator $translator,
        private Catalogue $catalogue,
    ) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $query = $request->query->all();
        // An address without a number is overlaid on what the cookie says.
        $standing = Standing::lenient($this->catalogue, ...(isset(
            $query[Address::COMPLETE],
        ) ? [$query] : [self::kept($request), $query]));
        $this->container->instance(Standing::class, $standing);
        $this->container->instance(HouseStyle::class, $standing->style);
        $this->container->instance(Address::class, Address::of($query, $standing->style, $standing->choices));
        $this->translator->setLocale(Faces::locale($standing->style));

        return $next($request);
    }

    /** @return array<array-key, mixed> */
    private static function kept(Request $request): array
    {
        $cookie = $request->cookie(self::COOKIE);
        parse_str(\is_string($cookie) ? mb_substr($cookie, 0, self::LONGEST_COOKIE) : '', $kept);

        return $kept === [] ? [] : $kept + HouseStyle::UNNUMBERED;
    }
}
