<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Shop;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Vestibra\App\Http\Asked;
use Vestibra\App\Shop\Reviews;

/** Takes a customer's review. It waits until the owner has read it; a machine that fills in the hidden field is thanked and forgotten. */
final readonly class ReviewController
{
    private const MOST_AN_HOUR = 3;

    private const MOST_NAME = 60;

    private const MOST_WORDS = 2000;

    private const SAID = 'Thank you. Your review stands here once it has been read.';

    public function __construct(private Reviews $reviews)
    {
    }

    public function __invoke(Request $request, string $slug): RedirectResponse
    {
        $productId = DB::table('products')->where('slug', $slug)->where('published', true)->value('id');
        if (! is_int($productId)) {
            abort(404);
        }
        $back = '/p/'.rawurlencode($slug).'#reviews';
        if (Asked::text($request, 'website') !== '') {
            return redirect($back)->with('reviewSaid', self::SAID);
        }
        $author = Asked::text($request, 'author', 2 * self::MOST_NAME);
        $words = Asked::text($request, 'words', 2 * self::MOST_WORDS);
        $stars = Asked::number($request, 'stars', 0, 0, 6);
        $wrong = match (true) {
            $author === '' => 'Please say what you are called. Nothing of what you wrote is lost.',
            mb_strlen($author) > self::MOST_NAME => 'A name has at most 60 letters. Nothing of what you wrote is lost.',
            $stars < 1 || $stars > 5 => 'Please give from one to five stars. Nothing of what you wrote is lost.',
            mb_strlen($words) > self::MOST_WORDS => 'A review has at most 2,000 letters. Nothing of what you wrote is lost; please shorten it.',
            preg_match_all('~https?://|www\.~i', $words) > 1 => 'A review takes at most one address. Nothing of what you wrote is lost.',
            RateLimiter::tooManyAttempts('review:'.$request->ip(), self::MOST_AN_HOUR) => 'That were three reviews within an hour. Please come back later; what you wrote still stands below.',
            default => null,
        };
        if ($wrong !== null) {
            return redirect($back)->withErrors(['review' => $wrong])->withInput(['author' => $author, 'stars' => $stars, 'words' => $words]);
        }
        RateLimiter::hit('review:'.$request->ip(), 3600);
        $this->reviews->write($productId, $stars, $author, $words);

        return redirect($back)->with('reviewSaid', self::SAID);
    }
}
