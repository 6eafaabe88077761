<?php

declare(strict_types=1);

namespace Vestibra\App\Providers;

use Closure;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Database\Connection;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Database\Events\NoPendingMigrations;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\View\Engines\CompilerEngine;
use Illuminate\View\Factory;
use LogicException;
use Psr\Log\LoggerInterface;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\Catalogue\FactBook;
use Vestibra\App\Catalogue\FactCheck;
use Vestibra\App\Catalogue\Folder\BesidesWords;
use Vestibra\App\Catalogue\Folder\ShopNames;
use Vestibra\App\Catalogue\Folder\Written;
use Vestibra\App\Catalogue\ManyChanged;
use Vestibra\App\Database\CurrentGeneration;
use Vestibra\App\Database\WritingSqlite;
use Vestibra\App\Files\Files;
use Vestibra\App\Http\Asked;
use Vestibra\App\Jobs\RefreshFilters;
use Vestibra\App\Keeping\DataFolder;
use Vestibra\App\Messages\ShopMessages;
use Vestibra\App\Models\User;
use Vestibra\App\Pages\FindsPages;
use Vestibra\App\Pages\PageClasses;
use Vestibra\App\Pages\PagesOfTheShop;
use Vestibra\App\Pictures\Sizes;
use Vestibra\App\Pictures\Uploads;
use Vestibra\App\Reach\KindRulesReader;
use Vestibra\App\Reach\LiveRules;
use Vestibra\App\Reach\ReachCounts;
use Vestibra\App\Rendering\BlockPrinter;
use Vestibra\App\Rendering\KeptAround;
use Vestibra\App\Rendering\LiveCards;
use Vestibra\App\Rendering\LiveParts;
use Vestibra\App\Rendering\NamedThings;
use Vestibra\App\Rendering\PageMaker;
use Vestibra\App\Rendering\PageShops;
use Vestibra\App\Sessions\SqliteSessions;
use Vestibra\App\Shop\AroundPages;
use Vestibra\App\Shop\Listing;
use Vestibra\App\Shop\Search\SearchIndex;
use Vestibra\App\Shop\ShopSettings;
use Vestibra\App\Shop\ShopTag;
use Vestibra\App\Shop\Walk;
use Vestibra\App\ShopClock;
use Vestibra\App\Styling\AskedHouse;
use Vestibra\App\Styling\HouseBook;
use Vestibra\App\Templates\Fallbacks;
use Vestibra\App\Templates\RandomIds;
use Vestibra\App\Templates\StoredDrafts;
use Vestibra\App\Troubles;
use Vestibra\App\Words\ReachWords;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Ids;

final class VestibraProvider extends ServiceProvider
{
    /** What several ask for while a page is made. */
    private const ONCE_A_REQUEST = [
        LiveCards::class, Categories::class, HouseBook::class, FactBook::class, FactCheck::class, KindRulesReader::class, Listing::class, LiveParts::class, LiveRules::class,
        NamedThings::class, SearchIndex::class, PageMaker::class, PageShops::class, ReachCounts::class, ReachWords::class,
        ShopClock::class, ShopMessages::class, ShopNames::class, ShopSettings::class, ShopTag::class, StoredDrafts::class, Troubles::class, Walk::class, Written::class,
    ];

    public function register(): void
    {
        Connection::resolverFor('sqlite', static fn (mixed ...$given): WritingSqlite => new WritingSqlite(...$given));
        $this->app->bind('db.connector.sqlite', CurrentGeneration::class);
        foreach (self::ONCE_A_REQUEST as $class) {
            $this->app->scoped($class);
        }
        $this->app->when(LiveRules::class)->needs('$folder')->give(static fn (): string => storage_path('framework/rules'));
        $this->app->when(KeptAround::class)->needs('$folder')->give(static fn (): string => config()->string('vestibra.around'));
        $this->app->scoped(PagesOfTheShop::class, fn (): PagesOfTheShop => new PagesOfTheShop(array_map(
            fn (string $class): Closure => fn (): FindsPages => $this->app->make($class),
            PageClasses::BY_KIND,
        )));
        $this->app->scoped(AskedHouse::class, fn (): AskedHouse => new AskedHouse(Asked::id($this->app->make('request'), 'house')));
        $this->app->singleton(Composer::class, static fn (): Composer => Kinds::composer());
        $this->app->singleton(Ids::class, RandomIds::class);
        $this->app->bind(MoneyFormat::class, fn (): MoneyFormat => $this->app->make(ShopSettings::class)->format());
        $this->app->when([Uploads::class, Sizes::class])->needs('$folder')->give(static fn (): string => config()->string('vestibra.pictures'));
        $this->app->bind(DataFolder::class, static fn (): DataFolder => DataFolder::configured());
        $this->app->when(BesidesWords::class)->needs('$files')->give(static fn (): string => config()->string('vestibra.files'));
        $this->app->when(BesidesWords::class)->needs('$pictures')->give(static fn (): string => config()->string('vestibra.pictures'));
        $this->app->when(Files::class)->needs('$folder')->give(static fn (): string => config()->string('vestibra.files'));
        $this->app->when(ShopMessages::class)->needs('$locale')->give(static fn (): string => config()->string('vestibra.locale'));
        $this->app->when(ShopMessages::class)->needs('$folder')->give(static fn (): string => base_path('shop/messages'));
        $this->app->bind(Messages::class, fn (): Messages => $this->app->make(ShopMessages::class)->live());
        $this->app->scoped(BlockPrinter::class, fn (): BlockPrinter => new BlockPrinter(
            $this->app->make(Factory::class),
            self::blade($this->app->make(Factory::class)),
            $this->app->make(LoggerInterface::class),
            base_path('blocks'),
            array_values(array_map(static fn (Definition $one): string => $one->kind, array_filter(
                $this->app->make(Composer::class)->schema->all(),
                static fn (Definition $one): bool => $one->accepts !== null,
            ))),
            $this->app->make(ShopMessages::class),
        ));
    }

    private static function blade(Factory $views): CompilerEngine
    {
        $engine = $views->getEngineResolver()->resolve('blade');

        return $engine instanceof CompilerEngine ? $engine : throw new LogicException('Views are compiled by Blade.');
    }

    public function boot(): void
    {
        $proxies = config()->string('vestibra.proxies');
        $proxies === '' || TrustProxies::at($proxies === '*' ? '*' : array_map(trim(...), explode(',', $proxies)));
        Auth::provider('open-accounts', static fn ($app, array $config): EloquentUserProvider => (new EloquentUserProvider($app['hash'], $config['model']))
            ->withQuery(static fn ($query) => $query->whereNull('closed_at')));
        Session::extend('sqlite', static fn (): SqliteSessions => new SqliteSessions(config()->string('session.file'), config()->integer('session.lifetime')));
        Event::listen([MigrationsEnded::class, NoPendingMigrations::class], function (): void {
            $this->app->make(KeptAround::class)->throwAway();
            DB::table('products')->doesntExist() || $this->app->make(Fallbacks::class)->see();
        });
        Event::listen(ManyChanged::class, static fn () => Queue::push(new RefreshFilters));
        $this->loadViewsFrom(base_path('shop/views'), 'shop');
        $this->loadViewsFrom(base_path('blocks'), 'blocks');
        View::composer('shop::layout', AroundPages::class);
        View::composer('shop::*', fn (\Illuminate\Contracts\View\View $view) => $view->with($this->app->make(ShopMessages::class)->forViews()));
        $this->loadViewsFrom(base_path('studio/views'), 'studio');
        Gate::define('see-studio', static fn (User $user): bool => in_array($user->role, [User::OWNER, User::VIEWER], true));
        Gate::define('edit-templates', static fn (User $user): bool => $user->role === User::OWNER);
        Gate::define('publish', static fn (User $user): bool => $user->role === User::OWNER);
    }
}
