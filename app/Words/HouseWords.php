<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use Vestibra\Core\Styling\HouseProblem;

/** Why a house style is not changed, kept or read. */
final class HouseWords
{
    public static function of(HouseProblem $code): string
    {
        return match ($code) {
            HouseProblem::NoToken => 'A house style has no “{name}”. Nothing was changed.',
            HouseProblem::NotAValue => '“{name}” does not take that. The value before was kept; a colour is written '
                .'as #1f7a7a, a number with digits alone.',
            HouseProblem::Outside => '“{name}” takes {least} to {most}. The value before was kept.',
            HouseProblem::NoName => 'A house style needs a name of 1 to 60 characters. Nothing was kept.',
            HouseProblem::NameTaken => 'Another house style is called “{name}”. Give this one another name.',
            HouseProblem::TooMany =>
                'The shop keeps {most} house styles at most. Let go of one that is not in use first.',
            HouseProblem::InUse =>
                'The shop stands in this house style. Publish another one first; then this one can be let go of.',
            HouseProblem::Awaited =>
                'A release that waits puts this house style into use. Call that release off first.',
            HouseProblem::NothingToPublish => 'The shop looks like this already. There is nothing to publish.',
            HouseProblem::ChangedSince =>
                'The house style was changed since you looked at what it would do. Look again before you publish.',
            HouseProblem::DecidedSince => 'Somebody has decided something in this house style since you looked at it. '
                .'Nothing was thrown away; load it anew to see what.',
            HouseProblem::FileNotJson => 'The file is no JSON that can be read. Nothing was kept.',
            HouseProblem::FileTooLarge =>
                'The file is larger than {most} kB. Nothing was kept; take out what is no style.',
            HouseProblem::FileNoTokens => 'The file holds no style that the shop knows by name. Nothing was kept.',
            HouseProblem::FileTooMany => 'The file holds more than {most} styles. Nothing was kept.',
            HouseProblem::FileCycle => '“{name}” refers to itself in a circle. Nothing was kept.',
            HouseProblem::FileReference => '“{name}” refers to “{to}”, which the file does not hold. Nothing was kept.',
            HouseProblem::FileType =>
                '“{name}” is of the type “{type}”, which is not the one that it is here. Nothing was kept.',
            HouseProblem::FileUnit => '“{name}” has the unit “{unit}”; px and rem are known. Nothing was kept.',
            HouseProblem::FileValue => '“{name}” has a value that it cannot have. Nothing was kept.',
            HouseProblem::NotAFont =>
                'This is no WOFF2 file of letters, or it holds more than letters. Nothing was kept.',
            HouseProblem::FontTooLarge => 'A file of letters can have {most} kB at most, for the sake of your '
                .'customers’ phones. Nothing was kept.',
            HouseProblem::FontTooMany => 'The shop keeps {most} families of its own at most. Let go of one first.',
            HouseProblem::FontNoName => 'The letters need a name of 1 to 60 characters. Nothing was kept.',
            HouseProblem::FontNameTaken => 'Other letters are called “{name}”. Give these another name.',
            HouseProblem::FontInUse => 'The house style “{style}” uses these letters. Choose others there first.',
            HouseProblem::FileUnknown => '“{name}” is not a style of the shop and was passed over.',
        };
    }
}
