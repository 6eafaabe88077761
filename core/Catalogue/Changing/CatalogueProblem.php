<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * Why a change to the catalogue is not made.
 *
 * @api
 */
enum CatalogueProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NotAnEntry = 'catalogue.not-an-entry';
    case TooMany = 'catalogue.too-many';
    case UnknownThing = 'catalogue.unknown-thing';
    case UnknownField = 'catalogue.unknown-field';
    case Twice = 'catalogue.twice';
    case Missing = 'catalogue.missing';
    case Unprintable = 'catalogue.unprintable';
    case MergeIntoItself = 'catalogue.merge-into-itself';
    case NotWords = 'catalogue.not-words';
    case TooLong = 'catalogue.too-long';
    case NotAnAddressName = 'catalogue.not-an-address-name';
    case AddressNameTaken = 'catalogue.address-name-taken';
    case AddressNameLeads = 'catalogue.address-name-leads';
    case NameTaken = 'catalogue.name-taken';
    case NotYesOrNo = 'catalogue.not-yes-or-no';
    case NotAnAmount = 'catalogue.not-an-amount';
    case OtherCurrency = 'catalogue.other-currency';
    case InDoubt = 'catalogue.in-doubt';
    case TooFine = 'catalogue.too-fine';
    case TooMuch = 'catalogue.too-much';
    case Negative = 'catalogue.negative';
    case NotACount = 'catalogue.not-a-count';
    case NotAnInstant = 'catalogue.not-an-instant';
    case NotABarcode = 'catalogue.not-a-barcode';
    case BarcodeCheck = 'catalogue.barcode-check';
    case BarcodeZeros = 'catalogue.barcode-zeros';
    case NotContents = 'catalogue.not-contents';
    case NotAColour = 'catalogue.not-a-colour';
    case NotThings = 'catalogue.not-things';
    case Gone = 'catalogue.gone';
    case NamesGone = 'catalogue.names-gone';
    case SkuTaken = 'catalogue.sku-taken';
    case VariantTwice = 'catalogue.variant-twice';
    case TwoOfOneOption = 'catalogue.two-of-one-option';
    case MainNotFiled = 'catalogue.main-not-filed';
    case SaleNotBelow = 'catalogue.sale-not-below';
    case SaleEndsFirst = 'catalogue.sale-ends-first';
    case ShownEndsFirst = 'catalogue.shown-ends-first';
    case Circle = 'catalogue.circle';
    case TooDeep = 'catalogue.too-deep';
    case TooMuchToMerge = 'catalogue.too-much-to-merge';
    case MergeBeneath = 'catalogue.merge-beneath';
    case MergeByRule = 'catalogue.merge-by-rule';
    case MergeOtherOption = 'catalogue.merge-other-option';
    case OptionsTogether = 'catalogue.options-together';
    case StillUsed = 'catalogue.still-used';
    case ChangedSince = 'catalogue.changed-since';
    case OrderSince = 'catalogue.order-since';
    case NotInOrder = 'catalogue.not-in-order';
    case TakenBackAlready = 'catalogue.taken-back-already';
    case NotOfTheFact = 'catalogue.not-of-the-fact';
    case NotAPercentage = 'catalogue.not-a-percentage';
    case NotAnEnding = 'catalogue.not-an-ending';
    case HeldByRule = 'catalogue.held-by-rule';
    case Stopped = 'catalogue.stopped';
}
