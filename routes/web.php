<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use Vestibra\App\Doors\Middleware\AsBefore;
use Vestibra\App\Doors\Middleware\InTheShop;
use Vestibra\App\Doors\Middleware\PagesOnly;
use Vestibra\App\Doors\Middleware\SameAuthor;
use Vestibra\App\Doors\Shop;
use Vestibra\App\Doors\Studio;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\PageKind;

// More digits than these name nothing.
foreach ([
    'template', 'templateId', 'entryId', 'productId', 'fact', 'factId', 'file', 'filterId', 'font', 'house', 'link',
    'part', 'card', 'picture', 'release', 'review', 'subjectId', 'thingId', 'trouble', 'subscriber',
] as $number) {
    Route::pattern($number, '[1-9][0-9]{0,14}');
}
Route::pattern('thing', 'category|collection|brand|tag|option');
Route::pattern('ordered', 'category|collection');
Route::pattern('pageKind', implode('|', PageAddresses::names()));

Route::middleware(InTheShop::class)->group(function (): void {
    foreach (PageAddresses::singles() as $kind => [$address, $slug]) {
        Route::get($address, Shop\PageController::class)->defaults('slug', $slug)->defaults('pageKind', $kind);
    }
    foreach (PageAddresses::paths() as $kind => $path) {
        Route::get("/$path/{slug}", Shop\PageController::class)->defaults('pageKind', $kind);
    }
    foreach (PageAddresses::typed() as $kind => $address) {
        Route::get($address, Shop\PageController::class)->defaults('slug', '')->defaults('pageKind', $kind);
    }
    Route::get('/search/suggestions', Shop\SuggestionsController::class);
    Route::get('/robots.txt', [Shop\SitemapController::class, 'robots']);
    Route::get('/sitemap.xml', [Shop\SitemapController::class, 'index']);
    Route::get('/sitemaps/{sitemap}.xml', [Shop\SitemapController::class, 'show'])->where('sitemap', '[a-z0-9-]{1,40}');
    Route::get('/feed.atom', [Shop\SitemapController::class, 'feed']);
    Route::post('/p/{slug}/reviews', Shop\ReviewController::class);
    Route::get('/letters/{font}-{hash}.woff2', Shop\LettersController::class)->where('hash', '[0-9a-f]{12}');
    Route::get('/pictures/{name}', Shop\PictureController::class);
    Route::get('/files/{name}', Shop\FileController::class);
    Route::get('/cart', [Shop\CartController::class, 'show']);
    Route::post('/cart', [Shop\CartController::class, 'add']);
    Route::post('/notices/close', Shop\NoticeController::class);
    Route::post('/news', [Shop\NewsController::class, 'ask']);
    Route::get('/news/{subscriber}/{mark}/{what}', [Shop\NewsController::class, 'show'])
        ->where('mark', '[0-9a-f]{40}')
        ->whereIn('what', ['confirm', 'leave']);
    Route::post('/news/{subscriber}/{mark}/confirm', [Shop\NewsController::class, 'confirm'])
        ->where('mark', '[0-9a-f]{40}');
    Route::post('/news/{subscriber}/{mark}/leave', [Shop\NewsController::class, 'leave'])
        ->where('mark', '[0-9a-f]{40}');
    Route::post('/cart/change', [Shop\CartController::class, 'change']);
    Route::get('/look/{token}', [Shop\PrivateLinkController::class, 'open'])->middleware('throttle:30,1');
    Route::post('/look/end', [Shop\PrivateLinkController::class, 'close']);
    Route::get('/checkout', [Shop\CartController::class, 'checkout']);
    Route::fallback(Shop\NowhereController::class);
});

Route::middleware('guest')->group(function (): void {
    Route::get('/studio/sign-in', [Studio\SignInController::class, 'show'])->name('login');
    Route::post('/studio/sign-in', [Studio\SignInController::class, 'store']);
});

Route::prefix('studio')->middleware(['auth', 'can:see-studio'])->group(function (): void {
    Route::post('sign-out', [Studio\SignInController::class, 'destroy']);
    Route::redirect('/', '/studio/today');
    Route::get('today', [Studio\TodayController::class, 'index']);
    Route::get('today/attention', [Studio\TodayController::class, 'attention']);
    Route::get('products/new', [Studio\Catalogue\ProductsController::class, 'blank'])->middleware('can:edit-templates');
    Route::get('products/{productId}/uses', [Studio\Catalogue\ProductsController::class, 'uses']);
    Route::get('products/{productId}', [Studio\Catalogue\ProductsController::class, 'show']);
    Route::get('catalogue', [Studio\Catalogue\ThingsController::class, 'products']);
    Route::get('catalogue/sheet', [Studio\Catalogue\ThingsController::class, 'sheet']);
    Route::get('catalogue/sheet/rows', [Studio\Catalogue\ThingsController::class, 'sheetRows']);
    Route::get('catalogue/{thing}', [Studio\Catalogue\ThingsController::class, 'index']);
    Route::get('catalogue/{thing}/rows', [Studio\Catalogue\ThingsController::class, 'rows']);
    Route::get('catalogue/{thing}/new', [Studio\Catalogue\ThingsController::class, 'blank'])
        ->middleware('can:edit-templates');
    Route::get('catalogue/{thing}/{thingId}', [Studio\Catalogue\ThingsController::class, 'show']);
    Route::get('catalogue/{thing}/{thingId}/uses', [Studio\Catalogue\ThingsController::class, 'uses']);
    Route::get('catalogue/{ordered}/{thingId}/order', [Studio\Catalogue\OrderController::class, 'show']);
    Route::get('catalogue/{ordered}/{thingId}/order/rows', [Studio\Catalogue\OrderController::class, 'rows']);
    Route::get('catalogue/money', [Studio\Catalogue\MoneyController::class, 'index']);
    Route::get('catalogue/history', [Studio\Catalogue\CatalogueController::class, 'history']);
    Route::get('catalogue/entries', [Studio\Catalogue\CatalogueController::class, 'entries']);
    Route::get('facts', [Studio\Catalogue\FactsController::class, 'index']);
    Route::get('facts/rows', [Studio\Catalogue\FactsController::class, 'rows']);
    Route::get('facts/{fact}/uses', [Studio\Catalogue\FactsController::class, 'uses']);
    Route::get('house-style', [Studio\Releases\HouseStyleController::class, 'show']);
    Route::get('house-style/pieces', [Studio\Releases\HouseStyleController::class, 'pieces'])
        ->middleware(InTheShop::class);
    Route::get('house-style/cart', [Studio\Releases\HouseStyleController::class, 'cart'])->middleware(InTheShop::class);
    Route::get('house-style/{house}/impact', [Studio\Releases\HouseStyleController::class, 'impact']);
    Route::get('house-style/{house}/news', [Studio\Releases\HouseStyleController::class, 'news']);
    Route::get('house-style/{house}/tokens', [Studio\Releases\HouseStyleController::class, 'file']);
    Route::get('words', [Studio\Releases\WordsController::class, 'index']);
    Route::get('words/rows', [Studio\Releases\WordsController::class, 'rows']);
    Route::get('words/impact', [Studio\Releases\WordsController::class, 'impact']);
    Route::get('search', [Studio\Customers\SearchController::class, 'index']);
    Route::get('search/rows', [Studio\Customers\SearchController::class, 'rows']);
    Route::get('search/near', [Studio\Customers\SearchController::class, 'near']);
    Route::get('search/preview', [Studio\Customers\SearchController::class, 'preview']);
    Route::get('news', [Studio\Customers\SubscribersController::class, 'index']);
    Route::get('news/rows', [Studio\Customers\SubscribersController::class, 'rows']);
    Route::get('news/addresses.csv', [Studio\Customers\SubscribersController::class, 'csv'])
        ->middleware('can:edit-templates');
    Route::get('reviews', [Studio\Customers\ReviewsController::class, 'index']);
    Route::get('reviews/rows', [Studio\Customers\ReviewsController::class, 'rows']);
    Route::get('who', [Studio\Layout\WhoController::class, 'index']);
    Route::get('rules', [Studio\Layout\TendingController::class, 'index']);
    Route::get('who/rows', [Studio\Layout\WhoController::class, 'rows']);
    Route::get('who/selection', [Studio\Layout\WhoController::class, 'selection']);
    Route::get('who/selection/said', [Studio\Layout\WhoController::class, 'said']);
    Route::post('who/selection/tick', [Studio\Layout\WhoController::class, 'tick']);
    Route::post('who/selection/range', [Studio\Layout\WhoController::class, 'range']);
    Route::post('who/selection/all', [Studio\Layout\WhoController::class, 'all']);
    Route::post('who/selection/paste', [Studio\Layout\WhoController::class, 'paste']);
    Route::get('why/{pageKind}/{slug?}', [Studio\Layout\WhyController::class, 'show'])->where('slug', '.+');
    Route::get('ladder/{pageKind}/{subjectId}', [Studio\Layout\WhyController::class, 'ladder']);
    Route::post('walk', [Studio\WalkController::class, 'begin']);
    Route::post('walk/end', [Studio\WalkController::class, 'end']);
    Route::get('token', [Studio\SignInController::class, 'token']);
    Route::get('templates/{template}/page/{subjectId}', [Studio\Layout\PagesController::class, 'show'])
        ->middleware(AsBefore::class);
    Route::get('templates/{template}/differences', [Studio\Layout\PagesController::class, 'differences']);
    Route::get('parts/{part}/nodes', [Studio\Layout\KeptPartsController::class, 'nodes']);
    Route::get('starts/{pageKind}/{start}', [Studio\Layout\TemplatesController::class, 'start'])
        ->whereIn('pageKind', [...PageAddresses::names(), PageKind::Card->value])
        ->middleware(AsBefore::class);
    Route::get('cards/{template}/drawn', [Studio\Layout\DrawingTableController::class, 'card']);
    Route::get('templates', [Studio\Layout\TemplatesController::class, 'index']);
    Route::get('templates/{template}', [Studio\Layout\DrawingTableController::class, 'show']);
    Route::get('templates/{template}/look', [Studio\Layout\PagesController::class, 'look']);
    Route::get('templates/{template}/canvas/{subjectId}', [Studio\Layout\DrawingTableController::class, 'canvas']);
    Route::get('templates/{template}/missing', [Studio\Layout\DrawingTableController::class, 'missing']);
    Route::get('templates/{template}/samples', [Studio\Layout\DrawingTableController::class, 'samples']);
    Route::post('templates/{template}/reach', [Studio\Layout\ReachController::class, 'preview'])
        ->middleware(PagesOnly::class);
    Route::post('templates/{template}/try', [Studio\Layout\ReachController::class, 'try'])
        ->middleware(PagesOnly::class);
    Route::get('templates/{template}/news', [Studio\Layout\EditsController::class, 'news']);
    Route::get('templates/{template}/passed-over', [Studio\Layout\EditsController::class, 'passedOver']);
    Route::get('address-name', [Studio\Catalogue\CatalogueController::class, 'addressName']);
    Route::get('catalogue/rule', [Studio\Catalogue\CatalogueController::class, 'terms']);
    Route::get('names/{field}', [Studio\Layout\ReachController::class, 'names']);
    Route::get('pictures', [Studio\Catalogue\PicturesController::class, 'screen']);
    Route::get('files', [Studio\Catalogue\FilesController::class, 'index']);
    Route::get('files/{file}/uses', [Studio\Catalogue\FilesController::class, 'uses']);
    Route::get('pictures/rows', [Studio\Catalogue\PicturesController::class, 'index']);
    Route::get('pictures/{picture}/uses', [Studio\Catalogue\PicturesController::class, 'uses']);
    Route::get('templates/{template}/impact', [Studio\Releases\PublishController::class, 'impact']);
    Route::get('templates/{template}/impact/group', [Studio\Releases\PublishController::class, 'group']);
    Route::get('templates/{template}/fitting', [Studio\Layout\FittingController::class, 'show'])
        ->middleware(PagesOnly::class);
    Route::get('templates/{template}/links', [Studio\Layout\PrivateLinksController::class, 'index'])
        ->middleware(PagesOnly::class);
    Route::get('releases', [Studio\Releases\ReleasesController::class, 'index']);
    Route::get('releases/{release}/group', [Studio\Releases\ReleasesController::class, 'group']);
    Route::get('releases/{release}/impact', [Studio\Releases\ReleasesController::class, 'impact']);

    Route::middleware('can:edit-templates')->group(function (): void {
        Route::post('who/filters', [Studio\Layout\WhoController::class, 'keep']);
        Route::post('who/filters/{filterId}/forget', [Studio\Layout\WhoController::class, 'forget']);
        Route::post('templates/{template}/throw-away', [Studio\Layout\EditsController::class, 'throwAway'])
            ->middleware(SameAuthor::class);
        Route::post('templates/{template}/start', [Studio\Layout\EditsController::class, 'start'])
            ->middleware(SameAuthor::class);
        Route::post('today/settle/{trouble}', [Studio\TodayController::class, 'settle']);
        Route::post('templates/{template}/fitting', [Studio\Layout\FittingController::class, 'store'])
            ->middleware(PagesOnly::class);
        Route::post('templates/{template}/links', [Studio\Layout\PrivateLinksController::class, 'store'])
            ->middleware(PagesOnly::class);
        Route::post(
            'templates/{template}/links/{link}/withdraw',
            [Studio\Layout\PrivateLinksController::class, 'withdraw'],
        );
        Route::post('search/words', [Studio\Customers\SearchController::class, 'keepWords']);
        Route::post('search/words/{part}/take-out', [Studio\Customers\SearchController::class, 'takeOutWords']);
        Route::post('search/weights', [Studio\Customers\SearchController::class, 'weigh']);
        Route::post('catalogue/money', [Studio\Catalogue\MoneyController::class, 'set']);
        Route::post('catalogue/rule', [Studio\Catalogue\CatalogueController::class, 'rule']);
        Route::post('catalogue/save', [Studio\Catalogue\CatalogueController::class, 'save']);
        Route::post('catalogue/{ordered}/{thingId}/order', [Studio\Catalogue\OrderController::class, 'move']);
        Route::post('catalogue/{ordered}/{thingId}/order/clear', [Studio\Catalogue\OrderController::class, 'clear']);
        Route::post('catalogue/{thing}/{thingId}/merge', [Studio\Catalogue\CatalogueController::class, 'merge'])
            ->where('thing', 'category|collection|brand|tag|option|option-value');
        Route::post('catalogue/many', [Studio\Catalogue\FieldsController::class, 'run']);
        Route::get('catalogue/many/progress', [Studio\Catalogue\FieldsController::class, 'progress']);
        Route::post('catalogue/many/stop', [Studio\Catalogue\FieldsController::class, 'stop']);
        Route::post('catalogue/foresee', [Studio\Catalogue\CatalogueController::class, 'foresee']);
        Route::post('catalogue/entries/{entryId}/take-back', [Studio\Catalogue\CatalogueController::class, 'takeBack']);
        Route::post('html', [Studio\Catalogue\HtmlController::class, 'check']);
        Route::post('cards', [Studio\Layout\CardsController::class, 'store']);
        Route::post('cards/{card}/back', [Studio\Layout\CardsController::class, 'takeBack']);
        Route::delete('cards/{card}', [Studio\Layout\CardsController::class, 'delete']);
        Route::post('parts', [Studio\Layout\KeptPartsController::class, 'store']);
        Route::post('parts/{part}/back', [Studio\Layout\KeptPartsController::class, 'takeBack']);
        Route::delete('parts/{part}', [Studio\Layout\KeptPartsController::class, 'delete']);
        Route::post('pictures', [Studio\Catalogue\PicturesController::class, 'store']);
        Route::post('pictures/sizes', [Studio\Catalogue\PicturesController::class, 'sizes']);
        Route::patch('pictures/{picture}', [Studio\Catalogue\PicturesController::class, 'describe']);
        Route::post('pictures/{picture}/products', [Studio\Catalogue\PicturesController::class, 'put']);
        Route::post('products/{productId}/pictures', [Studio\Catalogue\ProductsController::class, 'pictures']);
        Route::post('products/{productId}/contents/{factId}', [Studio\Catalogue\ProductsController::class, 'content']);
        Route::post('files', [Studio\Catalogue\FilesController::class, 'store']);
        Route::patch('files/{file}', [Studio\Catalogue\FilesController::class, 'describe']);
        Route::post('files/{file}/back', [Studio\Catalogue\FilesController::class, 'takeBack']);
        Route::delete('files/{file}', [Studio\Catalogue\FilesController::class, 'delete']);
        Route::post('facts', [Studio\Catalogue\FactsController::class, 'store']);
        Route::post('facts/order', [Studio\Catalogue\FactsController::class, 'order']);
        Route::post('facts/values', [Studio\Catalogue\FactsController::class, 'fill']);
        Route::patch('facts/{fact}', [Studio\Catalogue\FactsController::class, 'change']);
        Route::delete('facts/{fact}', [Studio\Catalogue\FactsController::class, 'delete']);
        Route::post('house-style', [Studio\Releases\HouseStyleController::class, 'store']);
        Route::post('house-style/fonts', [Studio\Releases\OwnFontsController::class, 'store']);
        Route::delete('house-style/fonts/{font}', [Studio\Releases\OwnFontsController::class, 'delete']);
        Route::post('house-style/import', [Studio\Releases\HouseStyleController::class, 'import']);
        Route::patch('house-style/{house}', [Studio\Releases\HouseStyleController::class, 'set']);
        Route::patch('house-style/{house}/name', [Studio\Releases\HouseStyleController::class, 'rename']);
        Route::post('house-style/{house}/throw-away', [Studio\Releases\HouseStyleController::class, 'throwAway']);
        Route::delete('house-style/{house}', [Studio\Releases\HouseStyleController::class, 'delete']);
        Route::patch('words/{key}', [Studio\Releases\WordsController::class, 'set']);
        Route::post('news/{subscriber}/take-out', [Studio\Customers\SubscribersController::class, 'takeOut']);
        Route::post('news/{subscriber}/put-back', [Studio\Customers\SubscribersController::class, 'putBack']);
        Route::post('reviews/{review}', [Studio\Customers\ReviewsController::class, 'decide']);
        Route::post('today/jobs', [Studio\TodayController::class, 'retryJobs']);
        Route::post('templates', [Studio\Layout\TemplatesController::class, 'store']);
        Route::post('templates/own', [Studio\Layout\TemplatesController::class, 'own']);
        Route::patch('templates/{template}', [Studio\Layout\TemplatesController::class, 'rename']);
        Route::post('templates/{templateId}/back', [Studio\Layout\StandingController::class, 'restore']);
        Route::post('templates/{templateId}/edits', [Studio\Layout\EditsController::class, 'store'])
            ->middleware(SameAuthor::class);
        Route::post('templates/{templateId}/undo', [Studio\Layout\EditsController::class, 'undo'])
            ->middleware(SameAuthor::class);
        Route::post('templates/{templateId}/redo', [Studio\Layout\EditsController::class, 'redo'])
            ->middleware(SameAuthor::class);
        Route::post('templates/{templateId}/after-all', [Studio\Layout\EditsController::class, 'afterAll'])
            ->middleware(SameAuthor::class);
    });
    Route::middleware('can:publish')->group(function (): void {
        Route::get('in-and-out', [Studio\Catalogue\InAndOutController::class, 'index']);
        Route::get('in-and-out/products.csv', [Studio\Catalogue\InAndOutController::class, 'out']);
        Route::get('in-and-out/shop.zip', [Studio\Catalogue\WholeController::class, 'shop']);
        Route::get('in-and-out/products.jsonld', [Studio\Catalogue\WholeController::class, 'linked']);
        Route::post('in-and-out/whole', [Studio\Catalogue\WholeController::class, 'bring']);
        Route::post('in-and-out/whole/{brought}', [Studio\Catalogue\WholeController::class, 'look']);
        Route::post('in-and-out/take-back', [Studio\Catalogue\InAndOutController::class, 'takeBack']);
        Route::post('in-and-out', [Studio\Catalogue\InAndOutController::class, 'bring']);
        Route::get('errands/{errand}', [Studio\Errands\ErrandController::class, 'show']);
        Route::post('errands/{errand}/stop', [Studio\Errands\ErrandController::class, 'stop']);
        Route::post('in-and-out/{brought}/look', [Studio\Catalogue\InAndOutController::class, 'look']);
        Route::post('in-and-out/{brought}/take', [Studio\Catalogue\InAndOutController::class, 'take']);
        Route::post('house-style/{house}/publish', [Studio\Releases\HouseStyleController::class, 'publish']);
        Route::post('words/publish', [Studio\Releases\WordsController::class, 'publish']);
        Route::post('publish', [Studio\Releases\PublishController::class, 'store']);
        Route::post('templates/{template}/take-off', [Studio\Layout\StandingController::class, 'takeOff'])
            ->middleware(PagesOnly::class);
        Route::post('templates/{template}/fallback', [Studio\Layout\StandingController::class, 'fallback'])
            ->middleware(PagesOnly::class);
        Route::post('cards/{template}/fallback', [Studio\Layout\StandingController::class, 'card']);
        Route::post('templates/order', [Studio\Layout\StandingController::class, 'order']);
        Route::post('pins', [Studio\Layout\StandingController::class, 'pin']);
        Route::post('rules/{template}/tidy', [Studio\Layout\TendingController::class, 'tidy'])
            ->middleware(PagesOnly::class);
        Route::post('rules/{release}/take-back', [Studio\Layout\TendingController::class, 'takeBack']);
        Route::post('who/layout', [Studio\Layout\BulkController::class, 'layout']);
        Route::get('who/layout/{release}/report', [Studio\Layout\BulkController::class, 'report']);
        Route::post('who/layout/{release}/take-back', [Studio\Layout\BulkController::class, 'takeBack']);
        Route::delete('templates/{template}', [Studio\Layout\StandingController::class, 'delete']);
        Route::patch('releases/{release}', [Studio\Releases\ReleasesController::class, 'change']);
        Route::post('releases/{release}/call-off', [Studio\Releases\ReleasesController::class, 'callOff']);
        Route::post('releases/{release}/bring-back', [Studio\Releases\ReleasesController::class, 'bringBack']);
    });
});
