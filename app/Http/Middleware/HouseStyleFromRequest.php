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

/** The house style of a request: the cookie's, overlaid by what the address says. Unknown values are passed over. */
final readonly class HouseStyleFromRequest
{
    public const COOKIE = 'runel_style';

    public function __construct(private Translator $translator) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $cookie = $request->cookie(self::COOKIE);
        parse_str(\is_string($cookie) ? mb_substr($cookie, 0, 2000) : '', $kept);
        $style = HouseStyle::default();
        foreach ([$kept, $request->query->all()] as $values) {
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
