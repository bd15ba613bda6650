<?php

declare(strict_types=1);

namespace App\Providers;

use App\Faces\Faces;
use Illuminate\Support\ServiceProvider;
use Runel\Method\Catalogue;

/** Joins the core to the application. */
final class RunelServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Catalogue::class, static fn(): Catalogue => Catalogue::standard());
        $this->app->singleton(Faces::class);
    }

}
