<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tutor;

/** What a visitor of Runel's rooms needs. */
trait Visits
{
    /** The tests run beside each other, and beside a Runel that is in use: none waits for another's work. */
    protected function setUpVisits(): void
    {
        config(['runel.lock' => (string) tempnam(sys_get_temp_dir(), 'runel-lock-')]);
    }

    protected function tearDownVisits(): void
    {
        unlink(config()->string('runel.lock'));
    }

    /** @param array<string, string|int> $query */
    protected function board(array $query): string
    {
        return '/board?' . http_build_query($query);
    }

    /** As the tutor, who has set a passphrase. */
    protected function signIn(): Tutor
    {
        $tutor = Tutor::query()->first() ?? Tutor::query()->create(['passphrase' => 'a boat on the water']);
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
