<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;

/** A request to the whole application, its database in memory. */
abstract class TestCase extends FrameworkTestCase
{
    use RefreshDatabase;

    protected bool $seed = true;

    /** @param array<string, string|int> $query */
    protected function board(array $query): string
    {
        return '/board?' . http_build_query($query);
    }

    /** The text of a page as a reader sees it. */
    protected static function visible(string $html): string
    {
        $text = (string) preg_replace('/<(script|style)\b.*?<\/\1>/s', '', $html);

        return trim((string) preg_replace('/\s+/', ' ', html_entity_decode(strip_tags($text))));
    }
}
