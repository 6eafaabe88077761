<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Problems;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * Why something is not published or released, or wants a spoken decision first. Their words are in one place outside:
 * `Words\ProblemWords`.
 */
enum ReleaseProblem: string implements ProblemCode
{
    use ProblemFamily;

    case PublishUnknownKind = 'publish.unknown-kind';
    case PublishChangedSince = 'publish.changed-since';
    case PublishNothing = 'publish.nothing';
    case PublishTimePast = 'publish.time-past';
    case PublishWithoutNothing = 'publish.without-nothing';
    case PublishWithoutTitle = 'publish.without-title';
    case PublishWithoutPrice = 'publish.without-price';
    case PublishWithoutProducts = 'publish.without-products';
    case PublishWithoutBuy = 'publish.without-buy';
    case PublishWithoutCart = 'publish.without-cart';
    case TemplateGone = 'release.template-gone';
    case ChosenByTemplate = 'release.chosen-by-template';
    case PageGone = 'release.page-gone';
    case NotLive = 'release.not-live';
    case FallbackNotLive = 'release.fallback-not-live';
    case OrderTwice = 'release.order-twice';
    case NotDone = 'release.not-done';
    case SoAlready = 'release.so-already';
    case NothingToTidy = 'release.nothing-to-tidy';
    case RuleChanged = 'release.rule-changed';
    case DecidesByNow = 'release.decides-by-now';
    case NotWaiting = 'release.not-waiting';
    case Broke = 'release.broke';
    case Fallback = 'release.fallback';
    case NothingSelected = 'release.nothing-selected';
    case SelectedSince = 'release.selected-since';
    case NoShortRule = 'release.no-short-rule';
    case NotShownWith = 'release.not-shown-with';
    case CannotBeNamed = 'release.cannot-be-named';
    case TooManyNamed = 'release.too-many-named';
    case FallbackKeepsNothingOff = 'release.fallback-keeps-nothing-off';
}
