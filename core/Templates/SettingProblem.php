<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * Why a setting does not take a value. Their words are in one place outside: `Words\ProblemWords`.
 *
 * @api
 */
enum SettingProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NotText = 'setting.not-text';
    case TextTooLong = 'setting.text-too-long';
    case NotYesOrNo = 'setting.not-yes-or-no';
    case NotAChoice = 'setting.not-a-choice';
    case NotAWholeNumber = 'setting.not-a-whole-number';
    case NumberOutside = 'setting.number-outside';
    case NotAColour = 'setting.not-a-colour';
    case NotAMeasure = 'setting.not-a-measure';
    case NotAShadow = 'setting.not-a-shadow';
    case NotAProportion = 'setting.not-a-proportion';
    case NotAStep = 'setting.not-a-step';
    case NotAPicture = 'setting.not-a-picture';
    case NoWidths = 'setting.no-widths';
    case NotAnOrder = 'setting.not-an-order';
    case NotAWidth = 'setting.not-a-width';
    case NotALink = 'setting.not-a-link';
    case NotANumberOf = 'setting.not-a-number-of';
    case NotLinks = 'setting.not-links';
    case NotHours = 'setting.not-hours';
    case NotDates = 'setting.not-dates';
    case NotNumbers = 'setting.not-numbers';
    case NotProducts = 'setting.not-products';
    case NotConditions = 'setting.not-conditions';
    case NotARule = 'setting.not-a-rule';
    case NotDays = 'setting.not-days';
    case NotAnHour = 'setting.not-an-hour';
    case DaysEndFirst = 'setting.days-end-first';
    case UnknownSource = 'setting.unknown-source';
}
