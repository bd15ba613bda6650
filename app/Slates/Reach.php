<?php

declare(strict_types=1);

namespace App\Slates;

use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\Request;

/** Under which address other machines reach this one; loopback is never handed out. */
final readonly class Reach
{
    public function __construct(private Repository $config) {}

    /** Without a stroke at the end; null where nobody else can come here. */
    public function root(Request $request): ?string
    {
        $known = $this->config->get('runel.reach');
        if (\is_string($known) && $known !== '') {
            return rtrim($known, '/');
        }
        $host = $request->getHost();
        $isHere = $host === 'localhost' || $host === '[::1]' || str_starts_with($host, '127.');

        return $isHere ? null : $request->getSchemeAndHttpHost();
    }
}
