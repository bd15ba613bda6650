<?php

declare(strict_types=1);

namespace Tests\Feature;

use Carbon\Carbon;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;

/** A request to the whole application, its database in memory. */
abstract class TestCase extends FrameworkTestCase
{
    use RefreshDatabase;
    use Visits;

    protected const PASSPHRASE = 'a boat on the water';

    protected bool $seed = true;

    /** The clock stands still unless a test moves it: a slow machine measures what a fast one does. */
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(Carbon::now()->startOfSecond());
    }
}
