<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tutor;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;

/** A request to the whole application, its database in memory. */
abstract class TestCase extends FrameworkTestCase
{
    use RefreshDatabase;

    protected const PASSPHRASE = 'a boat on the water';

    protected bool $seed = true;

    /** @param array<string, string|int> $query */
    protected function board(array $query): string
    {
        return '/board?' . http_build_query($query);
    }

    /** As the tutor, who has set a passphrase. */
    protected function signIn(): Tutor
    {
        $tutor = Tutor::query()->first() ?? Tutor::query()->create(['passphrase' => self::PASSPHRASE]);
        $this->actingAs($tutor);

        return $tutor;
    }

    /** The text of a page as a reader sees it. */
    protected static function visible(string $html): string
    {
        $text = (string) preg_replace('/<(script|style)\b.*?<\/\1>/s', '', $html);

        return trim((string) preg_replace('/\s+/', ' ', html_entity_decode(strip_tags($text))));
    }
}
