<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use Vestibra\Core\Formats\FileFormatProblem;

/** What is the matter with files that come in: what happened, what was kept, what to do. */
final class FileFormatWords
{
    public static function of(FileFormatProblem $code): string
    {
        return match ($code) {
            FileFormatProblem::NotATemplate =>
                'This is no template as Vestibra writes it, or too large. Nothing was taken in.',
            FileFormatProblem::UnknownFormat => 'This template was written in a format that this Vestibra does not '
                .'know (it knows {known}). Nothing was taken in; a newer Vestibra may read it.',
            FileFormatProblem::PageKind =>
                'This template is for a kind of page that this shop does not have. Nothing was taken in.',
            FileFormatProblem::NotJson =>
                'This is no JSON ({why}). Nothing was read in; a comma or a bracket may be missing, or one too many.',
            FileFormatProblem::NotAnArchive =>
                'This is no zip that can be opened: it may be cut off. Nothing was read in; pack it once more.',
            FileFormatProblem::NoShopInside =>
                'There is no shop in this zip: a file shop.json is missing. Nothing was read in.',
            FileFormatProblem::ArchiveTooLarge =>
                'This zip is damaged, or holds more than a shop’s folder can. Nothing was read in.',
            FileFormatProblem::TooLarge => 'A file of words can have {most} MB at most. Nothing was read in.',
            FileFormatProblem::NotThis =>
                'The file has to say "vestibra": "{what}" at its beginning. Nothing was read in.',
            FileFormatProblem::Newer => 'The file has the format {format}, and this Vestibra knows {known}. Nothing '
                .'was read in; a newer Vestibra may read it.',
            FileFormatProblem::UnknownName => 'It names the {thing} “{name}”, which neither the folder nor the shop '
                .'has. Nothing was read in; look for a slip of the pen.',
            FileFormatProblem::UnknownKey =>
                '“{key}” does not belong here, or not in this form. Nothing was read in; docs/formats says what does.',
            FileFormatProblem::WrongType => 'The {field} is to be {wants}.',
            FileFormatProblem::NotAName => 'A file is called by an address name: small letters, digits and single '
                .'hyphens, as “{better}”. Nothing was read in.',
            FileFormatProblem::NamedTwice => '“{name}” is there twice, or was there before with something else in it. '
                .'Nothing was read in; give it a name of its own.',
            FileFormatProblem::Unreadable => '“{folder}” holds no shop: shop.json is missing. Nothing was read in.',
            FileFormatProblem::NotAFolder => 'The folder “{folder}” cannot be made. Nothing was written.',
            FileFormatProblem::Occupied => 'The folder “{folder}” holds something else. Nothing was written; name an '
                .'empty folder, or one that a shop was written into before.',
            FileFormatProblem::TouchedByHand => 'In the folder, {file} was changed since it was written, and not read '
                .'in. Nothing was written; import it first, or write over it with --over.',
            FileFormatProblem::AnotherCurrency => 'The prices of the folder are in {theirs}, those of the shop in '
                .'{ours}. Nothing was read in: a price of another currency is another price.',
            FileFormatProblem::AnotherShop => 'The folder was written by another shop. Nothing was read in; where the '
                .'file wins (--over), things with the same address name become what the folder says (--dry-run says '
                .'which).',
            FileFormatProblem::BothChanged =>
                'This was changed in the folder, and since the folder was written in the shop too. Nothing was read '
                    .'in; export into another folder and compare, or let the folder win with --over.',
            FileFormatProblem::EarlierNames =>
                'Earlier address names are kept by the shop and cannot be changed in a file. Nothing was read in.',
            FileFormatProblem::FactKindFixed => 'What kind of values “{name}” takes cannot be changed: products have '
                .'values of the old kind. Nothing was read in; define another fact.',
            FileFormatProblem::FactValue => '{words} Nothing was read in.',
            FileFormatProblem::NameNoText => 'The name has to be words: letters, digits and signs, no line breaks and '
                .'nothing that cannot be shown. Nothing was taken in.',
            FileFormatProblem::NoSuchPart => 'It places the part with the number {number}, which this shop does not '
                .'have. Nothing was taken in; take its place out of the file, or place one of the shop’s own parts.',
            FileFormatProblem::Leap => 'The {field} leaps from {before} to {after}, tenfold or more. Nothing was read '
                .'in; look for a slip of the pen, or say --leaps if it is meant.',
            FileFormatProblem::Linked => 'It only leads to another place, and only what lies in the folder itself is '
                .'read. Nothing was read in; put the file itself there.',
            FileFormatProblem::NoPicture => 'The picture {name} is missing beside it. Nothing was read in.',
            FileFormatProblem::NotALinkedDocument =>
                'This is no JSON-LD with products of schema.org. Nothing was read in.',
            FileFormatProblem::NotAPage =>
                'A template has to begin with a page, and this one begins with “{kind}”. Nothing was taken in.',
        };
    }
}
