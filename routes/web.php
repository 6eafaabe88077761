<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use Vestibra\App\Http\Controllers\Shop;
use Vestibra\App\Http\Controllers\Studio;
use Vestibra\App\Http\Middleware\InTheShop;
use Vestibra\App\Http\Middleware\PagesOnly;
use Vestibra\App\Http\Middleware\SameAuthor;
use Vestibra\App\Pages\PageAddresses;
use Vestibra\Core\Pages\PageKind;

// More digits than these name nothing.
foreach (['template', 'templateId', 'entryId', 'productId', 'fact', 'factId', 'file', 'font', 'house', 'link', 'part', 'card', 'picture', 'release', 'review', 'subjectId', 'thingId', 'trouble', 'subscriber'] as $number) {
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
    Route::get('/news/{subscriber}/{mark}/{what}', [Shop\NewsController::class, 'show'])->where('mark', '[0-9a-f]{40}')->whereIn('what', ['confirm', 'leave']);
    Route::post('/news/{subscriber}/{mark}/confirm', [Shop\NewsController::class, 'confirm'])->where('mark', '[0-9a-f]{40}');
    Route::post('/news/{subscriber}/{mark}/leave', [Shop\NewsController::class, 'leave'])->where('mark', '[0-9a-f]{40}');
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
    Route::get('products/new', [Studio\ProductsController::class, 'blank'])->middleware('can:edit-templates');
    Route::get('products/{productId}/uses', [Studio\ProductsController::class, 'uses']);
    Route::get('products/{productId}', [Studio\ProductsController::class, 'show']);
    Route::get('catalogue', [Studio\ThingsController::class, 'products']);
    Route::get('catalogue/sheet', [Studio\ThingsController::class, 'sheet']);
    Route::get('catalogue/sheet/rows', [Studio\ThingsController::class, 'sheetRows']);
    Route::get('catalogue/rows', [Studio\ThingsController::class, 'productRows']);
    Route::get('catalogue/{thing}', [Studio\ThingsController::class, 'index']);
    Route::get('catalogue/{thing}/rows', [Studio\ThingsController::class, 'rows']);
    Route::get('catalogue/{thing}/new', [Studio\ThingsController::class, 'blank'])->middleware('can:edit-templates');
    Route::get('catalogue/{thing}/{thingId}', [Studio\ThingsController::class, 'show']);
    Route::get('catalogue/{thing}/{thingId}/uses', [Studio\ThingsController::class, 'uses']);
    Route::get('catalogue/{ordered}/{thingId}/order', [Studio\OrderController::class, 'show']);
    Route::get('catalogue/{ordered}/{thingId}/order/rows', [Studio\OrderController::class, 'rows']);
    Route::get('catalogue/money', [Studio\MoneyController::class, 'index']);
    Route::get('catalogue/history', [Studio\CatalogueController::class, 'history']);
    Route::get('catalogue/entries', [Studio\CatalogueController::class, 'entries']);
    Route::get('facts', [Studio\FactsController::class, 'index']);
    Route::get('facts/rows', [Studio\FactsController::class, 'rows']);
    Route::get('facts/{fact}/uses', [Studio\FactsController::class, 'uses']);
    Route::get('house-style', [Studio\HouseStyleController::class, 'show']);
    Route::get('house-style/pieces', [Studio\HouseStyleController::class, 'pieces'])->middleware(InTheShop::class);
    Route::get('house-style/cart', [Studio\HouseStyleController::class, 'cart'])->middleware(InTheShop::class);
    Route::get('house-style/{house}/impact', [Studio\HouseStyleController::class, 'impact']);
    Route::get('house-style/{house}/news', [Studio\HouseStyleController::class, 'news']);
    Route::get('house-style/{house}/tokens', [Studio\HouseStyleController::class, 'file']);
    Route::get('words', [Studio\WordsController::class, 'index']);
    Route::get('words/rows', [Studio\WordsController::class, 'rows']);
    Route::get('words/impact', [Studio\WordsController::class, 'impact']);
    Route::get('search', [Studio\SearchController::class, 'index']);
    Route::get('search/rows', [Studio\SearchController::class, 'rows']);
    Route::get('search/near', [Studio\SearchController::class, 'near']);
    Route::get('search/preview', [Studio\SearchController::class, 'preview']);
    Route::get('news', [Studio\NewsController::class, 'index']);
    Route::get('news/rows', [Studio\NewsController::class, 'rows']);
    Route::get('news/addresses.csv', [Studio\NewsController::class, 'csv'])->middleware('can:edit-templates');
    Route::get('reviews', [Studio\ReviewsController::class, 'index']);
    Route::get('reviews/rows', [Studio\ReviewsController::class, 'rows']);
    Route::get('who', [Studio\WhoController::class, 'index']);
    Route::get('who/rows', [Studio\WhoController::class, 'rows']);
    Route::get('why/{pageKind}/{slug?}', [Studio\WhyController::class, 'show'])->where('slug', '.+');
    Route::get('ladder/{pageKind}/{subjectId}', [Studio\WhyController::class, 'ladder']);
    Route::post('walk', [Studio\WalkController::class, 'begin']);
    Route::post('walk/end', [Studio\WalkController::class, 'end']);
    Route::get('token', [Studio\SignInController::class, 'token']);
    Route::get('templates/{template}/page/{subjectId}', [Studio\PagesController::class, 'show']);
    Route::get('templates/{template}/differences', [Studio\PagesController::class, 'differences']);
    Route::get('parts/{part}/nodes', [Studio\KeptPartsController::class, 'nodes']);
    Route::get('starts/{pageKind}/{start}', [Studio\TemplatesController::class, 'start'])->whereIn('pageKind', [...PageAddresses::names(), PageKind::Card->value]);
    Route::get('cards/{template}/drawn', [Studio\DrawingTableController::class, 'card']);
    Route::get('templates', [Studio\TemplatesController::class, 'index']);
    Route::get('templates/{template}', [Studio\DrawingTableController::class, 'show']);
    Route::get('templates/{template}/look', [Studio\PagesController::class, 'look']);
    Route::get('templates/{template}/canvas/{subjectId}', [Studio\DrawingTableController::class, 'canvas']);
    Route::get('templates/{template}/missing', [Studio\DrawingTableController::class, 'missing']);
    Route::get('templates/{template}/samples', [Studio\DrawingTableController::class, 'samples']);
    Route::post('templates/{template}/reach', [Studio\ReachController::class, 'preview'])->middleware(PagesOnly::class);
    Route::post('templates/{template}/try', [Studio\ReachController::class, 'try'])->middleware(PagesOnly::class);
    Route::get('templates/{template}/news', [Studio\EditsController::class, 'news']);
    Route::get('catalogue/rule', [Studio\CatalogueController::class, 'terms']);
    Route::get('names/{field}', [Studio\ReachController::class, 'names']);
    Route::get('pictures', [Studio\PicturesController::class, 'screen']);
    Route::get('files', [Studio\FilesController::class, 'index']);
    Route::get('files/{file}/uses', [Studio\FilesController::class, 'uses']);
    Route::get('pictures/rows', [Studio\PicturesController::class, 'index']);
    Route::get('pictures/{picture}/uses', [Studio\PicturesController::class, 'uses']);
    Route::get('templates/{template}/impact', [Studio\PublishController::class, 'impact']);
    Route::get('templates/{template}/impact/group', [Studio\PublishController::class, 'group']);
    Route::get('templates/{template}/fitting', [Studio\FittingController::class, 'show'])->middleware(PagesOnly::class);
    Route::get('templates/{template}/links', [Studio\PrivateLinksController::class, 'index'])->middleware(PagesOnly::class);
    Route::get('releases', [Studio\ReleasesController::class, 'index']);
    Route::get('releases/{release}/group', [Studio\ReleasesController::class, 'group']);
    Route::get('releases/{release}/impact', [Studio\ReleasesController::class, 'impact']);

    Route::middleware('can:edit-templates')->group(function (): void {
        Route::post('templates/{template}/throw-away', [Studio\EditsController::class, 'throwAway'])->middleware(SameAuthor::class);
        Route::post('templates/{template}/start', [Studio\EditsController::class, 'start'])->middleware(SameAuthor::class);
        Route::post('today/settle/{trouble}', [Studio\TodayController::class, 'settle']);
        Route::post('templates/{template}/fitting', [Studio\FittingController::class, 'store'])->middleware(PagesOnly::class);
        Route::post('templates/{template}/links', [Studio\PrivateLinksController::class, 'store'])->middleware(PagesOnly::class);
        Route::post('templates/{template}/links/{link}/withdraw', [Studio\PrivateLinksController::class, 'withdraw']);
        Route::post('search/words', [Studio\SearchController::class, 'keepWords']);
        Route::post('search/words/{part}/take-out', [Studio\SearchController::class, 'takeOutWords']);
        Route::post('search/weights', [Studio\SearchController::class, 'weigh']);
        Route::post('catalogue/money', [Studio\MoneyController::class, 'set']);
        Route::post('catalogue/rule', [Studio\CatalogueController::class, 'rule']);
        Route::post('catalogue/save', [Studio\CatalogueController::class, 'save']);
        Route::post('catalogue/{ordered}/{thingId}/order', [Studio\OrderController::class, 'move']);
        Route::post('catalogue/{ordered}/{thingId}/order/clear', [Studio\OrderController::class, 'clear']);
        Route::post('catalogue/{thing}/{thingId}/merge', [Studio\CatalogueController::class, 'merge'])->where('thing', 'category|collection|brand|tag|option|option-value');
        Route::post('catalogue/foresee', [Studio\CatalogueController::class, 'foresee']);
        Route::post('catalogue/entries/{entryId}/take-back', [Studio\CatalogueController::class, 'takeBack']);
        Route::post('html', [Studio\HtmlController::class, 'check']);
        Route::post('cards', [Studio\CardsController::class, 'store']);
        Route::post('cards/{card}/back', [Studio\CardsController::class, 'takeBack']);
        Route::delete('cards/{card}', [Studio\CardsController::class, 'delete']);
        Route::post('parts', [Studio\KeptPartsController::class, 'store']);
        Route::post('parts/{part}/back', [Studio\KeptPartsController::class, 'takeBack']);
        Route::delete('parts/{part}', [Studio\KeptPartsController::class, 'delete']);
        Route::post('pictures', [Studio\PicturesController::class, 'store']);
        Route::patch('pictures/{picture}', [Studio\PicturesController::class, 'describe']);
        Route::post('pictures/{picture}/products', [Studio\PicturesController::class, 'put']);
        Route::post('products/{productId}/pictures', [Studio\ProductsController::class, 'pictures']);
        Route::post('products/{productId}/contents/{factId}', [Studio\ProductsController::class, 'content']);
        Route::post('files', [Studio\FilesController::class, 'store']);
        Route::patch('files/{file}', [Studio\FilesController::class, 'describe']);
        Route::post('files/{file}/back', [Studio\FilesController::class, 'takeBack']);
        Route::delete('files/{file}', [Studio\FilesController::class, 'delete']);
        Route::post('facts', [Studio\FactsController::class, 'store']);
        Route::post('facts/order', [Studio\FactsController::class, 'order']);
        Route::post('facts/values', [Studio\FactsController::class, 'fill']);
        Route::patch('facts/{fact}', [Studio\FactsController::class, 'change']);
        Route::delete('facts/{fact}', [Studio\FactsController::class, 'delete']);
        Route::post('house-style', [Studio\HouseStyleController::class, 'store']);
        Route::post('house-style/fonts', [Studio\OwnFontsController::class, 'store']);
        Route::delete('house-style/fonts/{font}', [Studio\OwnFontsController::class, 'delete']);
        Route::post('house-style/import', [Studio\HouseStyleController::class, 'import']);
        Route::patch('house-style/{house}', [Studio\HouseStyleController::class, 'set']);
        Route::patch('house-style/{house}/name', [Studio\HouseStyleController::class, 'rename']);
        Route::post('house-style/{house}/throw-away', [Studio\HouseStyleController::class, 'throwAway']);
        Route::delete('house-style/{house}', [Studio\HouseStyleController::class, 'delete']);
        Route::patch('words/{key}', [Studio\WordsController::class, 'set']);
        Route::post('news/{subscriber}/take-out', [Studio\NewsController::class, 'takeOut']);
        Route::post('news/{subscriber}/put-back', [Studio\NewsController::class, 'putBack']);
        Route::post('reviews/{review}', [Studio\ReviewsController::class, 'decide']);
        Route::post('today/jobs', [Studio\TodayController::class, 'retryJobs']);
        Route::post('templates', [Studio\TemplatesController::class, 'store']);
        Route::patch('templates/{template}', [Studio\TemplatesController::class, 'rename']);
        Route::post('templates/{templateId}/back', [Studio\StandingController::class, 'restore']);
        Route::post('templates/{templateId}/edits', [Studio\EditsController::class, 'store'])->middleware(SameAuthor::class);
        Route::post('templates/{templateId}/undo', [Studio\EditsController::class, 'undo'])->middleware(SameAuthor::class);
        Route::post('templates/{templateId}/redo', [Studio\EditsController::class, 'redo'])->middleware(SameAuthor::class);
    });
    Route::middleware('can:publish')->group(function (): void {
        Route::post('house-style/{house}/publish', [Studio\HouseStyleController::class, 'publish']);
        Route::post('words/publish', [Studio\WordsController::class, 'publish']);
        Route::post('publish', [Studio\PublishController::class, 'store']);
        Route::post('templates/{template}/take-off', [Studio\StandingController::class, 'takeOff'])->middleware(PagesOnly::class);
        Route::post('templates/{template}/fallback', [Studio\StandingController::class, 'fallback'])->middleware(PagesOnly::class);
        Route::post('cards/{template}/fallback', [Studio\StandingController::class, 'card']);
        Route::post('templates/order', [Studio\StandingController::class, 'order']);
        Route::post('pins', [Studio\StandingController::class, 'pin']);
        Route::delete('templates/{template}', [Studio\StandingController::class, 'delete']);
        Route::patch('releases/{release}', [Studio\ReleasesController::class, 'change']);
        Route::post('releases/{release}/call-off', [Studio\ReleasesController::class, 'callOff']);
        Route::post('releases/{release}/bring-back', [Studio\ReleasesController::class, 'bringBack']);
    });
});
