<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Faces\Faces;
use Closure;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Http\Request;
use Runel\Message\BadRequest;
use Runel\Style\HouseStyle;
use Symfony\Component\HttpFoundation\Response;

/**
 * The house style of a request: the cookie's, overlaid by what the address says. An address that Runel
 * made says all of it, so that a shared one shows the same to everybody. Unknown values are passed over.
 */
final readonly class HouseStyleFromRequest
{
    public const COOKIE = 'runel_style';
    /** In an address: the house style stands here completely. */
    public const COMPLETE = 'house';

    public function __construct(private Translator $translator) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $cookie = $request->cookie(self::COOKIE);
        parse_str(\is_string($cookie) ? mb_substr($cookie, 0, 2000) : '', $kept);
        $style = HouseStyle::default();
        $query = $request->query->all();
        foreach (isset($query[self::COMPLETE]) ? [$query] : [$kept, $query] as $values) {
            foreach (array_intersect_key($values, HouseStyle::TABLE) as $key => $value) {
                try {
                    $style = $style->with((string) $key, \is_string($value) ? $value : '');
                } catch (BadRequest) {
                    continue;
                }
            }
        }
        $request->attributes->set(self::COOKIE, $style);
        $this->translator->setLocale(Faces::locale($style));

        return $next($request);
    }

    public static function style(Request $request): HouseStyle
    {
        $style = $request->attributes->get(self::COOKIE);

        return $style instanceof HouseStyle ? $style : HouseStyle::default();
    }
}
