<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Setup;

use Closure;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Database\Events\NoPendingMigrations;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Auth;
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
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Shop\PageSurroundings;
use Vestibra\App\Ground\Database\CurrentGeneration;
use Vestibra\App\Ground\Database\Sql\SqliteSessions;
use Vestibra\App\Ground\Database\WritingSqlite;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Ground\Files\Files;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\Pictures\Sizes;
use Vestibra\App\Ground\Pictures\Uploads;
use Vestibra\App\Ground\RandomIds;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Soon;
use Vestibra\App\Ground\Troubles;
use Vestibra\App\Lists\Filters\RefreshFilters;
use Vestibra\App\Lists\Orders\RefreshOrders;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\PagesOut\BlockPrinter;
use Vestibra\App\PagesOut\KeptAround;
use Vestibra\App\PagesOut\LiveCards;
use Vestibra\App\PagesOut\LiveParts;
use Vestibra\App\PagesOut\NamedThings;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\PagesOut\PageShops;
use Vestibra\App\PagesOut\Walking\ShopTag;
use Vestibra\App\PagesOut\Walking\Walk;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Numbers\RefreshCounts;
use Vestibra\App\Reach\Pages\PageClasses;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Rules\RefreshVerdicts;
use Vestibra\App\Reach\Rules\RuleFiles;
use Vestibra\App\Reach\Rules\StaleVerdicts;
use Vestibra\App\Reach\Rules\SupposedVerdicts;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\CountsMissed;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\FactCheck;
use Vestibra\App\Records\Catalogue\ManyChanged;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\LiveSettings;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Shop\Listing;
use Vestibra\App\Style\AskedHouse;
use Vestibra\App\Style\HouseBook;
use Vestibra\App\Words\ReachWords;
use Vestibra\App\Work\Errands\Errands;
use Vestibra\App\Work\InAndOut\Folder\BesidesWords;
use Vestibra\App\Work\InAndOut\Folder\ShopNames;
use Vestibra\App\Work\InAndOut\Folder\ThingFiles;
use Vestibra\App\Work\InAndOut\Rows\IncomingFiles;
use Vestibra\App\Work\Templates\Fallbacks;
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
        LiveCards::class, Categories::class, HouseBook::class, FactBook::class, FactCheck::class,
        StaleVerdicts::class, SupposedVerdicts::class,
        KindRulesReader::class, Listing::class, LiveParts::class, LiveRules::class,
        NamedThings::class, SearchIndex::class, PageMaker::class, PageShops::class, ReachCounts::class,
        ReachWords::class,
        ShopClock::class, LiveSettings::class, ShopMessages::class, ShopNames::class, ShopSettings::class,
        ShopTag::class, StoredDrafts::class, Troubles::class, Walk::class, ThingFiles::class,
    ];

    public function register(): void
    {
        EarlierNames::register();
        Connection::resolverFor('sqlite', static fn (mixed ...$given): WritingSqlite => new WritingSqlite(...$given));
        $this->app->bind('db.connector.sqlite', CurrentGeneration::class);
        foreach (self::ONCE_A_REQUEST as $class) {
            $this->app->scoped($class);
        }
        foreach ([
            RuleFiles::class => 'rules', KeptAround::class => 'around', IncomingFiles::class => 'incoming',
            Errands::class => 'errands',
        ] as $class => $folder) {
            $this->app->when($class)->needs('$folder')->give(static fn (): string => config()->string(
                "vestibra.$folder",
            ));
        }
        $this->app->scoped(PagesOfTheShop::class, fn (): PagesOfTheShop => new PagesOfTheShop(array_map(
            fn (string $class): Closure => fn (): PagesOfKind => $this->app->make($class),
            PageClasses::BY_KIND,
        )));
        $this->app->scoped(AskedHouse::class, fn (): AskedHouse => new AskedHouse(
            Asked::id($this->app->make('request'), 'house'),
        ));
        $this->app->singleton(Composer::class, static fn (): Composer => Kinds::composer());
        $this->app->singleton(Ids::class, RandomIds::class);
        $this->app->bind(MoneyFormat::class, fn (): MoneyFormat => $this->app->make(ShopSettings::class)->format());
        $this->app->when([Uploads::class, Sizes::class])
            ->needs('$folder')
            ->give(static fn (): string => config()->string('vestibra.pictures'));
        $this->app->bind(DataFolder::class, static fn (): DataFolder => DataFolder::configured());
        $this->app->when(BesidesWords::class)
            ->needs('$files')
            ->give(static fn (): string => config()->string('vestibra.files'));
        $this->app->when(BesidesWords::class)
            ->needs('$pictures')
            ->give(static fn (): string => config()->string('vestibra.pictures'));
        $this->app->when(Files::class)
            ->needs('$folder')
            ->give(static fn (): string => config()->string('vestibra.files'));
        $this->app->when(ShopMessages::class)
            ->needs('$locale')
            ->give(static fn (): string => config()->string('vestibra.locale'));
        $this->app->when(ShopMessages::class)
            ->needs('$folder')
            ->give(static fn (): string => base_path('shop/messages'));
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
        Auth::provider('open-accounts', static fn ($app, array $config): EloquentUserProvider => (
            new EloquentUserProvider($app['hash'], $config['model'])
        )->withQuery(static fn ($query) => $query->whereNull('closed_at')));
        Session::extend('sqlite', static fn (): SqliteSessions => new SqliteSessions(
            config()->string('session.file'),
            config()->integer('session.lifetime'),
        ));
        Event::listen([MigrationsEnded::class, NoPendingMigrations::class], function (): void {
            $this->app->make(KeptAround::class)->throwAway();
            if (Product::query()->toBase()->exists()) {
                $this->app->make(Fallbacks::class)->see();
                NoRoom::passOver(static fn () => Queue::push(new RefreshVerdicts));
                NoRoom::passOver(static fn () => Queue::push(new RefreshOrders));
                NoRoom::passOver(static fn () => Queue::push(new RefreshCounts));
            }
        });
        Event::listen(ManyChanged::class, static fn () => Queue::push(new RefreshFilters));
        Event::listen(ManyChanged::class, static fn () => Queue::push(new RefreshVerdicts));
        Event::listen(ManyChanged::class, static fn () => Queue::push(new RefreshOrders));
        Event::listen(CountsMissed::class, static fn () => Soon::ask(new RefreshCounts));
        $this->loadViewsFrom(base_path('shop/views'), 'shop');
        $this->loadViewsFrom(base_path('blocks'), 'blocks');
        // In tests a relation that was not asked for, or an attribute that was not read, is a mistake.
        Model::shouldBeStrict($this->app->environment('testing'));
        View::composer('shop::layout', PageSurroundings::class);
        View::composer('shop::*', fn (\Illuminate\Contracts\View\View $view) => $view->with($this->app
            ->make(ShopMessages::class)
            ->forViews()));
        $this->loadViewsFrom(base_path('studio/views'), 'studio');
        Gate::define(
            'see-studio',
            static fn (User $user): bool => in_array($user->role, [User::OWNER, User::VIEWER], true),
        );
        Gate::define('edit-templates', static fn (User $user): bool => $user->role === User::OWNER);
        Gate::define('publish', static fn (User $user): bool => $user->role === User::OWNER);
    }
}
