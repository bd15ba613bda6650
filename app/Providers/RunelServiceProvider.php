<?php

declare(strict_types=1);

namespace App\Providers;

use App\Bench\Reading;
use App\Bench\Starters;
use App\Faces\Faces;
use App\Faces\MissingWords;
use App\Incidents\LoggedIncidents;
use App\Page\PageFace;
use App\Page\Remembered;
use App\Sets\SeededChance;
use App\Shelf\Shelf;
use App\View\Version;
use Illuminate\Cache\CacheManager;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Psr\Log\LoggerInterface;
use Runel\Job\Jobs;
use Runel\Ladder\Chance;
use Runel\Method\Catalogue;
use Runel\Method\Incidents;
use Runel\Style\HouseStyle;

/** Joins the core to the application. */
final class RunelServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(Incidents::class, LoggedIncidents::class);
        $this->app->singleton(Catalogue::class, static fn(Application $app): Catalogue => Jobs::catalogue(
            $app->make(Incidents::class),
        ));
        $this->app->singleton(Faces::class);
        $this->app->bind(LockProvider::class, static function (Application $app): LockProvider {
            $store = $app->make(CacheManager::class)->store()->getStore();

            return $store instanceof LockProvider ? $store : throw new \LogicException('The cache has no locks.');
        });
        $this->app->bind(Chance::class, SeededChance::class);
        $this->app->bind(MissingWords::class, static fn(Application $app): MissingWords => new MissingWords(
            $app->make(LoggerInterface::class),
            $app->environment('testing') === true,
        ));
        $this->app->bindIf(HouseStyle::class, static fn(): HouseStyle => HouseStyle::default());
        $this->app->bind(Shelf::class, static function (Application $app): Shelf {
            $most = config('runel.shelf');

            return new Shelf($app->make(ConnectionInterface::class), \is_int($most) ? $most : 0);
        });
    }

    /** Every view writes with the page's own face; assets carry their version. */
    public function boot(): void
    {
        View::share('asset', Version::asset(...));
        View::share('page', $this->app->make(PageFace::class));
        $this->app->rebinding(HouseStyle::class, static function (Application $app): void {
            View::share('page', $app->make(PageFace::class));
        });
        View::composer('bench.reading', static function (ViewContract $view): void {
            $reading = $view->getData()['reading'] ?? null;
            if ($reading instanceof Reading && $reading->problem === null && $reading->refusal === null) {
                $style = $reading->address->style();
                $view->with('starters', app(Remembered::class)->html('starters', $style, static fn(): string => view(
                    'bench.starters',
                    ['starters' => app(Starters::class)->all($style)],
                )->render()));
            }
        });
    }
}
