<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use Vestibra\Core\Catalogue\Changing\CatalogueProblem;

/** What can be the matter when the catalogue is changed: what happened, what was kept, what to do. */
final class CatalogueWords
{
    public static function of(CatalogueProblem $code): string
    {
        return match ($code) {
            CatalogueProblem::NotAnEntry =>
                'What was sent could not be understood. Nothing was saved; reload the page and try again.',
            CatalogueProblem::TooMany => '{field}: at most {most} at once. Nothing was saved; take some out.',
            CatalogueProblem::UnknownThing =>
                'The catalogue has no such thing. Nothing was saved; reload the page and try again.',
            CatalogueProblem::UnknownField =>
                'There is no field “{field}”. Nothing was saved; reload the page and try again.',
            CatalogueProblem::Twice =>
                'The same thing was sent twice. Nothing was saved; reload the page and try again.',
            CatalogueProblem::Missing => 'Give the {field}: it cannot be empty. Nothing was saved yet.',
            CatalogueProblem::Unprintable => 'The {field} holds a sign that cannot be shown (NUL). Nothing was saved '
                .'yet; write it anew, or copy it from plain text.',
            CatalogueProblem::MergeIntoItself =>
                'A {thing} cannot be merged into itself. Nothing was changed; choose another {thing}.',
            CatalogueProblem::NotWords => 'The {field} has to be words. Nothing was saved yet.',
            CatalogueProblem::TooLong =>
                'The {field} can have {most} characters at most. Nothing was saved yet; shorten it.',
            CatalogueProblem::NotAnAddressName =>
                'An address name has small letters, digits and single hyphens, as “{better}”. Nothing was saved yet.',
            CatalogueProblem::AddressNameTaken =>
                'The address name “{slug}” belongs to “{other}”. Nothing was saved yet; choose another.',
            CatalogueProblem::AddressNameLeads => 'Until {until} the address name “{slug}” was that of “{other}”, and '
                .'old links to it still lead there. Take it all the same, or choose another.',
            CatalogueProblem::NameTaken =>
                'There is a {thing} called “{name}” already. Nothing was saved yet; choose another name.',
            CatalogueProblem::NotYesOrNo => '“{field}” is yes or no. Nothing was saved yet.',
            CatalogueProblem::NotAnAmount =>
                '“{written}” is no amount of money. Write it as 12.50. Nothing was saved yet.',
            CatalogueProblem::OtherCurrency => '“{written}” names another currency than the shop’s, which is {ours}. '
                .'Nothing was saved yet; write the amount in {ours}.',
            CatalogueProblem::InDoubt =>
                '“{written}” can be read as {large} or as {small}. Write which one is meant. Nothing was saved yet.',
            CatalogueProblem::TooFine => '“{written}” has more digits behind the point than the shop’s currency '
                .'({digits}). Nothing was saved yet.',
            CatalogueProblem::TooMuch => '“{written}” is more than a price can be. Nothing was saved yet.',
            CatalogueProblem::Negative => 'The {field} cannot be below nothing. Nothing was saved yet.',
            CatalogueProblem::NotACount =>
                'The {field} is a whole number from 0 to {most}, or empty. Nothing was saved yet.',
            CatalogueProblem::NotAnInstant =>
                'The {field} could not be understood. Write a day as 2026-12-31. Nothing was saved yet.',
            CatalogueProblem::NotABarcode => 'A bar code has thirteen digits. Nothing was saved yet.',
            CatalogueProblem::BarcodeCheck => 'The last digit of this bar code should be {digit}, not {last}: a digit '
                .'is wrong somewhere. Nothing was saved yet; look at the packet again.',
            CatalogueProblem::BarcodeZeros =>
                'This bar code has lost its zeros in front, as spreadsheets do. Is it {whole}? Nothing was saved yet.',
            CatalogueProblem::NotContents =>
                'Write the contents as 30 ml, 0.75 l, 500 g, 2.5 m, 12 sheets or 6 pieces. Nothing was saved yet.',
            CatalogueProblem::NotAColour => 'A colour is written as #1f7a7a. Nothing was saved yet.',
            CatalogueProblem::NotThings =>
                'The {field} could not be understood. Nothing was saved yet; choose from the list.',
            CatalogueProblem::Gone => 'This {thing} was deleted meanwhile. Nothing was saved.',
            CatalogueProblem::NamesGone => 'A {thing} that was chosen is gone. Nothing was saved yet; choose another.',
            CatalogueProblem::SkuTaken => 'The stock number “{sku}” belongs to {where} already. Nothing was saved yet.',
            CatalogueProblem::VariantTwice => 'There are two variants with the same options; the other is “{other}”. '
                .'Nothing was saved yet; change or drop one.',
            CatalogueProblem::TwoOfOneOption => 'A variant can have one value of each option. Nothing was saved yet.',
            CatalogueProblem::MainNotFiled =>
                'The main category is one of those that the product stands in. Nothing was saved yet.',
            CatalogueProblem::SaleNotBelow => 'A sale price has to be below the price. Nothing was saved yet.',
            CatalogueProblem::SaleEndsFirst => 'The sale would end before it begins. Nothing was saved yet.',
            CatalogueProblem::ShownEndsFirst => 'It would be hidden again before it is shown. Nothing was saved yet.',
            CatalogueProblem::Circle =>
                'That would be a circle: a {thing} cannot hold itself, however far down. Nothing was saved yet.',
            CatalogueProblem::TooDeep => 'Categories can stand {most} deep at most. Nothing was saved yet.',
            CatalogueProblem::TooMuchToMerge => '{count} products would change at once, and {most} at most can. '
                .'Nothing was merged; move some of them first.',
            CatalogueProblem::MergeBeneath =>
                'The other category stands beneath this one. Nothing was merged; move it out first.',
            CatalogueProblem::MergeByRule => 'Only collections that are picked by hand can be merged: what is in by '
                .'rule, its rule says. Nothing was merged.',
            CatalogueProblem::MergeOtherOption => 'These two are values of different options. Nothing was merged; '
                .'merge the options themselves, and values of the same name become one.',
            CatalogueProblem::OptionsTogether => '{count} variants would have two values of one option, as {sku}. '
                .'Nothing was changed; take one of the two away from them first.',
            CatalogueProblem::StillUsed =>
                'It is still needed by {count} {what}. Nothing was deleted; move them first.',
            CatalogueProblem::ChangedSince => 'What this changed was changed again since, in {count} places. Nothing '
                .'was taken back; take back the later change first.',
            CatalogueProblem::OrderSince => 'Somebody else has changed this order meanwhile. Nothing was moved; the '
                .'order that stands now is shown.',
            CatalogueProblem::NotInOrder =>
                'One of these products is not in this list any more. Nothing was moved; load the list anew.',
            CatalogueProblem::TakenBackAlready => 'This was taken back already. Nothing was changed.',
            CatalogueProblem::NotOfTheFact => '“{written}” is nothing that “{fact}” can be. Nothing was changed.',
            CatalogueProblem::NotAPercentage =>
                '“{written}” is not read as per cent. Write a number such as -10 or 2.5. Nothing was changed.',
            CatalogueProblem::NotAnEnding =>
                '“{written}” is not how an amount ends. Write its last digits, such as .90. Nothing was changed.',
            CatalogueProblem::HeldByRule =>
                'This collection holds what its rule says: nothing is put into it by hand. Nothing was changed.',
            CatalogueProblem::Stopped => 'It was stopped before its end. Nothing was changed.',
        };
    }
}
