<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use LogicException;
use Vestibra\App\Ground\Problems\AccountProblem;
use Vestibra\App\Ground\Problems\FactProblem;
use Vestibra\App\Ground\Problems\FileProblem;
use Vestibra\App\Ground\Problems\MoneyProblem;
use Vestibra\App\Ground\Problems\PictureProblem;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Ground\Problems\TemplateProblem;
use Vestibra\App\Ground\Problems\WalkProblem;
use Vestibra\App\Ground\Problems\WordsProblem;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Tables\TableProblem;
use Vestibra\Core\Problem;
use Vestibra\Core\ProblemCode;
use Vestibra\Core\Reach\ReachProblem;
use Vestibra\Core\Styling\HouseProblem;
use Vestibra\Core\Templates\ConflictProblem;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\TreeProblem;

/**
 * Problems in the shopkeeper's words: what happened, what was kept, what to do. The one place for them. Each family is
 * one `match`: a code without words is found before it runs.
 */
final class ProblemWords
{
    /** By what a code begins with, as in kept releases. */
    private const FAMILIES = [
        TreeProblem::class, SettingProblem::class, AccountProblem::class, TemplateProblem::class, PictureProblem::class,
        FactProblem::class, EditProblem::class, ConflictProblem::class, ReachProblem::class, ReleaseProblem::class,
        WalkProblem::class, FileProblem::class, WordsProblem::class, CatalogueProblem::class, MoneyProblem::class,
        FileFormatProblem::class, TableProblem::class, HouseProblem::class,
    ];

    public static function of(Problem $problem): string
    {
        return self::filled(self::words($problem->code), $problem);
    }

    private static function filled(string $words, Problem $problem): string
    {
        $values = [];
        foreach ($problem->values as $name => $value) {
            $values["{{$name}}"] = (string) $value;
        }

        return strtr($words, $values);
    }

    /**
     * @param  non-empty-list<Problem>  $problems
     * @return array{message: string, problems: list<array{code: int|string, path: string, message: string}>}
     */
    public static function answer(array $problems): array
    {
        return [
            'message' => self::of($problems[0]),
            'problems' => array_map(static fn (Problem $problem): array => [
                'code' => $problem->code->value,
                'path' => $problem->path,
                'message' => self::of($problem),
            ], $problems),
        ];
    }

    /** Of a code that was kept, as with a release that failed. */
    public static function kept(string $code, string $name): string
    {
        return self::of((self::code($code) ?? ReleaseProblem::Broke)->at('', ['name' => $name]));
    }

    private static function code(string $kept): ?ProblemCode
    {
        foreach (self::FAMILIES as $family) {
            $code = $family::tryFrom($kept);
            if ($code !== null) {
                return $code;
            }
        }

        return null;
    }

    private static function words(ProblemCode $code): string
    {
        return match (true) {
            $code instanceof TreeProblem => self::tree($code),
            $code instanceof SettingProblem => self::setting($code),
            $code instanceof AccountProblem => self::account($code),
            $code instanceof TemplateProblem => self::template($code),
            $code instanceof PictureProblem => self::picture($code),
            $code instanceof FactProblem => self::fact($code),
            $code instanceof EditProblem => self::edit($code),
            $code instanceof ConflictProblem => self::conflict($code),
            $code instanceof ReachProblem => self::reach($code),
            $code instanceof ReleaseProblem => self::release($code),
            $code instanceof WalkProblem => self::walk($code),
            $code instanceof FileProblem => self::file($code),
            $code instanceof FileFormatProblem => FileFormatWords::of($code),
            $code instanceof TableProblem => TableWords::of($code),
            $code instanceof HouseProblem => HouseWords::of($code),
            $code instanceof WordsProblem => self::ofWords($code),
            $code instanceof CatalogueProblem => CatalogueWords::of($code),
            $code instanceof MoneyProblem => self::money($code),
            default => throw new LogicException('No words for problems of the kind '.$code::class),
        };
    }

    private static function money(MoneyProblem $code): string
    {
        return match ($code) {
            MoneyProblem::UnknownCurrency =>
                'This currency is not known. Nothing was changed; choose one from the list.',
            MoneyProblem::NotAChoice =>
                'This way of writing prices is not known. Nothing was changed; reload the page and choose again.',
            MoneyProblem::NotARate => 'A rate of tax is a number of per cent, as 20 or 5.5. Nothing was changed yet.',
        };
    }

    private static function ofWords(WordsProblem $code): string
    {
        return match ($code) {
            WordsProblem::NoMessage => 'The shop says nothing by this name. Nothing was changed; load the page again.',
            WordsProblem::Nothing => 'Customers have to read something here. The words before were kept; to have '
                .'those of the shop again, choose “As it came”.',
            WordsProblem::TooLong =>
                'Words can have {most} characters at most. Those before were kept; shorten them a little.',
            WordsProblem::StrangeValue => '{value} is nothing that can stand in these words. Those before were kept; '
                .'what can stand there: {takes}.',
            WordsProblem::Brackets => 'The curly brackets do not close as they should. The words before were kept; '
                .'write values as {title}, with one bracket on each side.',
            WordsProblem::ChangedSince =>
                'These words were changed after you looked at them. Nothing was published; look again.',
            WordsProblem::NothingToPublish => 'Customers read these words already. Nothing was published.',
        };
    }

    private static function tree(TreeProblem $code): string
    {
        return match ($code) {
            TreeProblem::NotAnObject => 'This is not a template as Vestibra writes it. Nothing was changed; check '
                .'that the whole text was copied.',
            TreeProblem::UnknownFormat => 'This template was written in a format that this Vestibra does not know (it '
                .'knows {known}). Nothing was changed; a newer Vestibra may read it.',
            TreeProblem::NotAPage =>
                'A template has to begin with a page, and this one begins with “{kind}”. Nothing was changed.',
            TreeProblem::TooDeep => 'Blocks can be put into one another {most} deep at most. Nothing was changed; '
                .'take something out of its holder first.',
            TreeProblem::TooMany =>
                'A template can hold {most} blocks at most. Nothing was changed; take some out first.',
            TreeProblem::UnknownKind => 'There is no kind of block called “{kind}”. Nothing was changed.',
            TreeProblem::DoesNotBelong =>
                '“{kind}” cannot stand in “{parent}”. Nothing was moved; choose another place.',
            TreeProblem::UnknownPart => 'A block has no part called “{part}”. Nothing was changed.',
            TreeProblem::UnknownWidth =>
                'There is no width called “{width}”; there are desktop, tablet and phone. Nothing was changed.',
            TreeProblem::UnknownSetting => 'The block “{kind}” has no setting called “{setting}”. Nothing was changed.',
            TreeProblem::BadId =>
                'A block has an id that is not made of small letters and digits. Nothing was changed.',
            TreeProblem::IdTwice => 'Two blocks have the id “{id}”. Nothing was changed.',
            TreeProblem::NotACard =>
                'A card has to begin with a card, and this one begins with “{kind}”. Nothing was changed.',
            TreeProblem::NotAround => '“{name}” belongs on a page itself: headers and footers stand on every kind of '
                .'page. Nothing was changed; put it into the page’s own template.',
            TreeProblem::NotOnCards => '“{name}” cannot stand on a card: it lists products, or needs a page of its '
                .'own. Nothing was changed; put it beside the products instead.',
            TreeProblem::OtherOnCard => 'A card is of the product that it stands for, so that nothing on it can be '
                .'about another one. Nothing was changed.',
            TreeProblem::PartInPart => 'A shared part cannot stand in another part. Place it as a copy there, or '
                .'beside it. Nothing was changed.',
            TreeProblem::OwnBlocksInOwn => 'A product’s own blocks cannot stand in themselves. Nothing was changed.',
            TreeProblem::PartWithReach =>
                'A part has no rules of its own: it appears wherever it was placed. Nothing was changed.',
            TreeProblem::NotAList => 'Where a list of blocks should be there is something else. Nothing was changed.',
        };
    }

    private static function setting(SettingProblem $code): string
    {
        return match ($code) {
            SettingProblem::NotText => '“{setting}” takes words. The value before was kept.',
            SettingProblem::TextTooLong =>
                'The words for “{setting}” are too long. The words before were kept; shorten them and try again.',
            SettingProblem::NotYesOrNo => '“{setting}” takes yes or no. The value before was kept.',
            SettingProblem::NotAChoice => '“{setting}” does not offer this choice. The value before was kept.',
            SettingProblem::NotAWholeNumber => '“{setting}” takes a whole number. The value before was kept.',
            SettingProblem::NumberOutside =>
                'The number for “{setting}” is outside its limits, {limits}. The value before was kept.',
            SettingProblem::NotAColour => '“{setting}” takes a colour of the house style, with its opacity or '
                .'without, or one written as #rrggbb or #rrggbbaa. The value before was kept.',
            SettingProblem::NotAMeasure => '“{setting}” takes a number with a unit that it knows, such as 20 px, or a '
                .'step of the house style. The value before was kept.',
            SettingProblem::NotAShadow => '“{setting}” takes a shadow of the house style, or its own with right, '
                .'down, blur, spread and colour. The value before was kept.',
            SettingProblem::NotAProportion =>
                '“{setting}” takes width to height, such as 4/3. The value before was kept.',
            SettingProblem::NotAStep =>
                '“{setting}” takes a distance of the house style, or pixels as 24px. The value before was kept.',
            SettingProblem::NotAPicture => '“{setting}” takes one of the shop’s pictures. The value before was kept.',
            SettingProblem::NoWidths =>
                'A block has to appear on at least one width. To take it off everywhere, switch it off.',
            SettingProblem::NotAnOrder => '“{setting}” takes blocks of the band, each once. The order before was kept.',
            SettingProblem::NotAWidth => '“{setting}” takes the whole place, as much as its content, a share up to '
                .'100 % or a width up to 2,000 px. The value before was kept.',
            SettingProblem::NotALink => '“{setting}” takes a page of the shop, as /c/inks, or an address that begins '
                .'with https, http, mailto or tel. The value before was kept.',
            SettingProblem::NotANumberOf =>
                '“{setting}” takes one of those that the shop has. The value before was kept.',
            SettingProblem::NotNumbers =>
                '“{setting}” takes a few of those that the shop has, each once. Those before were kept.',
            SettingProblem::NotLinks => '“{setting}” takes up to 60 links, each with up to 60 letters and an address '
                .'of the shop or of the web. The links before were kept.',
            SettingProblem::NotHours => '“{setting}” takes hours as 9–18 or 9–12:30, 14–18, one after another; '
                .'nothing for a day on which it is closed. The hours before were kept.',
            SettingProblem::NotAnHour => '“{setting}” takes an hour as 17:30. The one before was kept.',
            SettingProblem::NotDates =>
                '“{setting}” takes days as 2026-12-25, each in a line of its own. The days before were kept.',
            SettingProblem::NotProducts =>
                '“{setting}” takes up to 24 products of the shop, each once. The products before were kept.',
            SettingProblem::NotConditions =>
                '“{setting}” takes up to ten conditions on the product. The conditions before were kept.',
            SettingProblem::NotARule =>
                '“{setting}” takes a rule that products can be asked by. The rule before was kept.',
            SettingProblem::NotDays => '“{setting}” takes days of the calendar. The days before were kept.',
            SettingProblem::DaysEndFirst => '“{setting}” ends before it begins. The days before were kept.',
            SettingProblem::UnknownSource => '“{setting}” cannot come from there. The value before was kept.',
        };
    }

    private static function account(AccountProblem $code): string
    {
        return match ($code) {
            AccountProblem::PasswordTooShort => 'A password has {least} characters at least. Nothing was changed; a '
                .'few words in a row are easy to keep in mind.',
            AccountProblem::PasswordTooLong => 'A password has {most} bytes at most. Nothing was changed.',
            AccountProblem::PasswordEasy =>
                'This password is among the first that anybody would try. Nothing was changed; choose another.',
            AccountProblem::PasswordOwnName => 'A password that is little more than one’s own name or address, or the '
                .'shop’s name, is easy to guess. Nothing was changed; choose another.',
            AccountProblem::NoAddress => '“{email}” is no e-mail address. Nobody was added.',
            AccountProblem::NoName =>
                'Say what they are called: “vestibra:user add you@example.org "Your name"”. Nobody was added.',
            AccountProblem::ThereAlready => 'There is an account with the address {email} already. Nothing was '
                .'changed; “password”, “role”, “close” and “open” change it.',
            AccountProblem::UnknownRole => 'The role is {roles}. Nothing was changed.',
            AccountProblem::LastOwner =>
                '{name} is the only owner. Make somebody else an owner first; nothing was changed.',
            AccountProblem::UnknownWord =>
                'Say what to do: add, password, role, close, open or list. Nothing was changed.',
        };
    }

    private static function template(TemplateProblem $code): string
    {
        return match ($code) {
            TemplateProblem::PartTooMany =>
                'A shop can keep {most} parts at most. Let go of one that is not used; nothing was changed.',
            TemplateProblem::Live => '“{name}” is live. Take it off first; then it can be deleted.',
            TemplateProblem::Chosen =>
                '“{name}” is chosen by {places}. Choose another one there first; nothing was deleted.',
            TemplateProblem::Pinned => 'Pages are pinned to “{name}”. Unpin them first; nothing was deleted.',
            TemplateProblem::Waits => 'A release that waits holds “{name}”. Call it off first; nothing was deleted.',
            TemplateProblem::PartNotAlone => 'Columns, tabs and folds cannot be kept alone. Keep what holds them.',
            TemplateProblem::CardTooMany =>
                'A shop can have {most} cards at most. Delete one that stands nowhere; nothing was changed.',
            TemplateProblem::CardStands =>
                'Products stand as “{name}” on {where}. Choose another card there first; nothing was deleted.',
            TemplateProblem::CardIsFallback => '“{name}” is the fallback card: products stand as it wherever no other '
                .'card was chosen. Make another card the fallback first; nothing was deleted.',
            TemplateProblem::PartStands =>
                'It is shared by {where}. Take it out there first, or make it a copy there; nothing was changed.',
            TemplateProblem::NotEmpty => 'There are blocks on this page already. Take them out first, or make a new '
                .'template from the start; nothing was changed.',
            TemplateProblem::UnknownStart => 'There is no such start. Choose one of those shown.',
            TemplateProblem::NoPlaceForPicture => 'This start has no place for a picture of the page. Nothing was '
                .'made; choose another start, or no picture.',
            TemplateProblem::NotNamed => 'No rule can name such a page, so it cannot have one of its own. Nothing was '
                .'made; change the template that lays it out.',
            TemplateProblem::UnknownPlace => 'Something that was named there is in the catalogue no more. Nothing was '
                .'made; say again where it appears.',
        };
    }

    private static function picture(PictureProblem $code): string
    {
        return match ($code) {
            PictureProblem::None => '{name} is no picture, whatever it is called. Nothing was taken in; choose a '
                .'JPEG, PNG, WebP or AVIF picture.',
            PictureProblem::Damaged =>
                '{name} is damaged or did not arrive whole. It was not taken in; open it once to see, and try again.',
            PictureProblem::Kind => '{name} is a picture of a kind that cannot be shown everywhere. Nothing was taken '
                .'in; choose JPEG, PNG, WebP or AVIF.',
            PictureProblem::TooHeavy =>
                '{name} is larger than 15 MB. Nothing was taken in; save it smaller and try again.',
            PictureProblem::TooLarge => '{name} has {width} by {height} pixels, more than can be worked on. Nothing '
                .'was taken in; make it smaller, 4,000 pixels wide are plenty.',
            PictureProblem::NoRoom => 'There is no room left for pictures, so {name} was not taken in. Everything '
                .'else is as it was; make room on the machine and try again.',
        };
    }

    private static function fact(FactProblem $code): string
    {
        return match ($code) {
            FactProblem::NoName => 'Give the fact a name, as “Drying time”. Nothing was changed.',
            FactProblem::NameTaken =>
                'There is a fact called “{name}” already. Choose another name; nothing was changed.',
            FactProblem::UnknownKind => 'A fact takes text, rich text, a number, yes or no, a day, a choice or '
                .'several texts. Nothing was changed.',
            FactProblem::NoChoices => 'Say what can be chosen, one a line. Nothing was changed.',
            FactProblem::TooMany =>
                'A shop can have {most} facts at most. Delete one that is not used; nothing was changed.',
            FactProblem::Gone => 'This fact was deleted meanwhile. Nothing was changed.',
        };
    }

    private static function edit(EditProblem $code): string
    {
        return match ($code) {
            EditProblem::NotAnEdit =>
                'The change that was sent could not be understood. Nothing was changed; reload the page and try again.',
            EditProblem::Unknown =>
                'There is no such kind of change. Nothing was changed; reload the page and try again.',
            EditProblem::Gone => 'The block is not there any more: somebody, or another window, has taken it out. '
                .'Nothing else was changed, and the page now shows how it stands.',
            EditProblem::ThereAlready => 'This block is there already. Nothing was changed.',
            EditProblem::NotThePage => 'The page itself cannot be moved or taken out. Nothing was changed.',
            EditProblem::IntoItself => 'A block cannot be put into itself. Nothing was moved.',
            EditProblem::OtherAuthor =>
                'Somebody else is signed in here now. Nothing was sent under their name; it is kept in this browser.',
            EditProblem::NothingToUndo => 'There is nothing of yours to take back here.',
            EditProblem::NothingToRedo => 'There is nothing to do again here.',
            EditProblem::UndoImpossible => 'What this step changed is not there any more. Nothing was changed.',
            EditProblem::UndoPassedOver => '“{words}” cannot be taken back any more: somebody has taken out what it '
                .'changed. It was passed over; nothing was changed.',
            EditProblem::RedoPassedOver => '“{words}” cannot be done again any more: somebody has taken out what it '
                .'changed. It was passed over; nothing was changed.',
            EditProblem::UndoInPart =>
                '“{words}” was taken back only in part: somebody has taken out some of what it changed.',
            EditProblem::TooMany => 'So many changes cannot be made in one go. Nothing was changed.',
        };
    }

    /** What would be taken away from whom by taking a step back, or doing it again. */
    public static function taken(Problem $problem): string
    {
        $code = $problem->code;

        return $code instanceof ConflictProblem ? self::filled(match ($code) {
            ConflictProblem::SameSetting => '{name} has set this to something else since; that would be taken away.',
            ConflictProblem::SamePlace => '{name} has moved it since; that would be taken away.',
            ConflictProblem::RemovesNewer => '{name} has worked inside this block since; that would go with it.',
            ConflictProblem::Reach => '{name} has changed where it appears since; that would be taken away.',
            ConflictProblem::Replaced => '{name} has replaced the whole page since; that would be taken away.',
        }, $problem) : self::of($problem);
    }

    private static function conflict(ConflictProblem $code): string
    {
        return match ($code) {
            ConflictProblem::SameSetting =>
                '{name} set this to something else meanwhile. Theirs is kept; yours is still here.',
            ConflictProblem::SamePlace =>
                '{name} moved this block somewhere else meanwhile. It stands where they put it.',
            ConflictProblem::RemovesNewer => '{name} worked inside this block meanwhile. It was not taken out.',
            ConflictProblem::Reach => '{name} changed where it appears meanwhile. Theirs is kept; yours is still here.',
            ConflictProblem::Replaced => '{name} replaced the whole page meanwhile. Your change was not made.',
        };
    }

    private static function reach(ReachProblem $code): string
    {
        return match ($code) {
            ReachProblem::NotAnObject => 'The rule could not be understood. The rule before was kept.',
            ReachProblem::UnknownFormat =>
                'The rule was written in a format that this Vestibra does not know. The rule before was kept.',
            ReachProblem::UnknownPart => 'A rule has no part called “{part}”. The rule before was kept.',
            ReachProblem::KeepOffEverything => 'A “keep off” needs at least one condition, or the template would '
                .'appear nowhere. The rule before was kept.',
            ReachProblem::NotAList => 'The rule could not be understood. The rule before was kept.',
            ReachProblem::TooManyClauses => 'A rule can have {most} alternatives at most. The rule before was kept.',
            ReachProblem::TooManyConditions =>
                'An alternative can have {most} conditions at most. The rule before was kept.',
            ReachProblem::NotACondition => 'A condition could not be understood. The rule before was kept.',
            ReachProblem::UnknownComparison =>
                'There is no condition “{field} {comparison}”. The rule before was kept.',
            ReachProblem::TooManyValues => 'A condition can name {most} things at most. The rule before was kept.',
            ReachProblem::NotAnId => 'A condition on “{field}” names something that is not in the catalogue’s form. '
                .'The rule before was kept.',
            ReachProblem::NoValues =>
                'Say which {field} is meant: a condition needs at least one. The rule before was kept.',
            ReachProblem::ValuesNotTaken =>
                'A condition “{field} {comparison}” names nothing. The rule before was kept.',
            ReachProblem::NotYesOrNo => '“Goes first” is yes or no. The rule before was kept.',
            ReachProblem::NotASeason =>
                'The season could not be understood. Write days as 2026-12-31. The season before was kept.',
            ReachProblem::EndsBeforeItStarts => 'The season would end before it starts. The season before was kept.',
            ReachProblem::FactDoesNotCompare =>
                'This fact cannot be compared that way, or is not there any more. The rule before was kept.',
            ReachProblem::NotANumber =>
                'A condition on “{field}” needs a number within its limits. The rule before was kept.',
            ReachProblem::MinAboveMax =>
                'In the condition on “{field}” the lower end is above the upper one. The rule before was kept.',
            ReachProblem::NotADate => 'A condition on “{field}” needs a day, as 2026-12-31. The rule before was kept.',
            ReachProblem::NoWords =>
                'A condition on “{field}” needs at least one word of up to 200 characters. The rule before was kept.',
            ReachProblem::NotAPageKind => 'There is no such kind of page. The rule before was kept.',
        };
    }

    private static function release(ReleaseProblem $code): string
    {
        return match ($code) {
            ReleaseProblem::PublishUnknownKind =>
                '“{name}” is for pages of the kind “{kind}”, which this version does not know. Nothing was published.',
            ReleaseProblem::PublishChangedSince => '“{name}” was changed after you looked at what publishing would '
                .'do. Nothing was published; look again and publish then.',
            ReleaseProblem::PublishNothing => 'Draft and live are the same. There is nothing to publish.',
            ReleaseProblem::PublishTimePast =>
                'That time is not to come any more. Nothing was kept; choose a later one.',
            ReleaseProblem::PublishWithoutNothing =>
                '“{name}” would be shown on no page. Say where it appears first, or publish it all the same.',
            ReleaseProblem::PublishWithoutTitle => '“{name}” does not say what the page is about.',
            ReleaseProblem::PublishWithoutProducts => '“{name}” does not show the products of its pages.',
            ReleaseProblem::PublishWithoutPrice => '“{name}” shows no price.',
            ReleaseProblem::PublishWithoutBuy => '“{name}” has no way to buy.',
            ReleaseProblem::PublishWithoutCart => '“{name}” has no way to the cart, where customers can buy.',
            ReleaseProblem::TemplateGone => 'The template “{name}” is not there any more. Nothing was changed.',
            ReleaseProblem::ChosenByTemplate => 'Headers and footers are not pinned to pages one by one: open the '
                .'page’s own template and choose one there. Nothing was changed.',
            ReleaseProblem::PageGone => 'This page is not there any more. Nothing was changed.',
            ReleaseProblem::NotLive => '“{name}” is not live, so there is nothing to take off.',
            ReleaseProblem::FallbackNotLive =>
                '“{name}” has to be live before it can take what no rule takes. Publish it first.',
            ReleaseProblem::OrderTwice =>
                'A template stands in this order twice. Nothing was changed; reload the page and try again.',
            ReleaseProblem::SoAlready => 'The shop is so already. Nothing was changed.',
            ReleaseProblem::NothingToTidy =>
                'These rules name nothing that was deleted any more. Nothing was changed; reload the page.',
            ReleaseProblem::RuleChanged =>
                'The rules of “{name}” have changed meanwhile. Nothing was changed; look at it once more.',
            ReleaseProblem::DecidesByNow =>
                'This part of the rule decides something by now, or is gone. Nothing was taken out; reload the page.',
            ReleaseProblem::NotDone => 'Only a release that was made can be brought back.',
            ReleaseProblem::NotWaiting =>
                'This release does not wait any more. Nothing was changed; reload the page to see how it stands.',
            ReleaseProblem::Broke => 'It failed when its time came, and nothing of it was done. Publish it again, or '
                .'tell whoever keeps the shop.',
            ReleaseProblem::Fallback =>
                '“{name}” takes every page that no rule takes, so it has to stay live. Nothing was changed.',
            ReleaseProblem::NothingSelected => 'Nothing is selected that is still there. Select some rows first.',
            ReleaseProblem::SelectedSince => 'The selection was changed after you looked, perhaps in another window. '
                .'Nothing was done; look again and do it then.',
            ReleaseProblem::NoShortRule =>
                'The rule could not be read, so nothing was changed. Look at the selection again, and try once more.',
            ReleaseProblem::NotShownWith => '“{name}” is not live, so no page can be shown with it yet. Publish it '
                .'first; a rule can be added to its draft.',
            ReleaseProblem::CannotBeNamed => 'Rules for these pages cannot name a page. Pin them instead.',
            ReleaseProblem::TooManyNamed => 'A rule names {most} pages at most. Select fewer, or pin them.',
            ReleaseProblem::FallbackKeepsNothingOff => '“{name}” is the fallback: it takes whatever no rule takes, and '
                .'keeps nothing off. Show these pages with another template instead.',
        };
    }

    private static function walk(WalkProblem $code): string
    {
        return match ($code) {
            WalkProblem::NotATime => 'That time could not be understood. Choose a day.',
        };
    }

    private static function file(FileProblem $code): string
    {
        return match ($code) {
            FileProblem::Kind => '“{name}” is no file that can be offered: PDF, plain text, CSV, EPUB, ZIP, an office '
                .'document or a picture. It was not taken in.',
            FileProblem::TooHeavy =>
                '“{name}” is larger than {most}. It was not taken in; make it smaller and try again.',
            FileProblem::Empty => '“{name}” is empty, or did not arrive whole. It was not taken in; try again.',
            FileProblem::NoRoom =>
                'There is no room left on the server’s disk for “{name}”. It was not taken in; nothing else was lost.',
            FileProblem::NoUse => 'It was not said what the file is for. It was not taken in.',
            FileProblem::Gone => 'This file is gone. Nothing was changed.',
            FileProblem::Used => 'It is used by {where}. Take it out there first; nothing was deleted.',
            FileProblem::FilmKind =>
                '“{name}” is no film that browsers play. Save it as MP4 or WebM and try again; it was not taken in.',
            FileProblem::FilmNoPictures =>
                '“{name}” holds sound but no pictures. It was not taken in; choose the film itself.',
            FileProblem::CaptionsKind => '“{name}” holds no captions. They come as a WebVTT file: its first line is '
                .'WEBVTT. It was not taken in.',
        };
    }
}
