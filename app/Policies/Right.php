<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/**
 * What not everybody in a workshop may do, and who may: the one place that says so. What is not here everybody does. What
 * depends on a car is said by RepairJobPolicy. docs/rights.md is written from it.
 */
enum Right: string
{
    case KeepColours = 'keep-colours';
    case KeepPaint = 'keep-paint';
    case KeepToners = 'keep-toners';
    case TapeCars = 'tape-cars';
    case TakeTests = 'take-tests';
    case AddDrawings = 'add-drawings';
    case LimitBlends = 'limit-blends';
    case KeepEquipment = 'keep-equipment';
    case SetHours = 'set-hours';
    case OpenBooth = 'open-booth';
    case LookAfterPeople = 'look-after-people';
    case LookAfterPractice = 'look-after-practice';
    case SeeAllPainters = 'see-all-painters';
    case PutJobsAway = 'put-jobs-away';
    case CarryWorkshop = 'carry-workshop';

    public function isOf(User $user): bool
    {
        return in_array($user->role, $this->roles(), true);
    }

    /** @return non-empty-list<Role> */
    public function roles(): array
    {
        return match ($this) {
            self::KeepColours, self::KeepPaint, self::KeepToners, self::TapeCars, self::TakeTests => [Role::Lead, Role::Painter],
            default => [Role::Lead],
        };
    }

    /** What it is, for the table of rights. */
    public function words(): string
    {
        return match ($this) {
            self::KeepColours => 'Put colours on the shelf, change them, put them away',
            self::KeepPaint => 'Type in data sheets, bring paint systems in',
            self::KeepToners => 'Build toners from drawdowns',
            self::TapeCars => 'Put cars by tape measure on the shelf',
            self::TakeTests => 'Take tests of the model in, put them away',
            self::AddDrawings => 'Add a drawing to the shelf',
            self::LimitBlends => 'Say what the search for the smallest blend may do',
            self::KeepEquipment => 'Say which guns, booths, lamps, instruments, scales and cups the shop has',
            self::SetHours => 'Set hours and booths',
            self::OpenBooth => 'Open the booth without a card that passed',
            self::LookAfterPeople => 'Look after people: add, change, put away, sign out, delete what is personal',
            self::LookAfterPractice => 'See how far others have come, make scenarios of jobs, put them away',
            self::SeeAllPainters => 'See every painter\'s line in the logbook',
            self::PutJobsAway => 'Put a job away, bring it back',
            self::CarryWorkshop => 'Take the whole workshop out as an archive',
        };
    }

    public function refusal(): string
    {
        return match ($this) {
            self::KeepColours => 'A painter or a lead keeps the colours.',
            self::KeepPaint => 'A painter or a lead keeps the data sheets.',
            self::KeepToners => 'A painter or a lead builds toners.',
            self::TapeCars => 'A painter or a lead puts cars on the shelf.',
            self::TakeTests => 'A painter or a lead takes tests in: they change every plan of the workshop.',
            self::AddDrawings => 'Only a lead puts body shapes on the shelf.',
            self::LimitBlends => 'Only a lead sets what the search may do.',
            self::KeepEquipment => 'Only a lead says what the shop works with.',
            self::SetHours => 'Only a lead sets hours and booths.',
            self::OpenBooth => 'Only a lead opens the booth without a card that passed.',
            self::LookAfterPeople => 'Only a lead looks after people.',
            self::LookAfterPractice => 'Only a lead sees how far others have come, and makes scenarios of jobs.',
            self::SeeAllPainters => 'Only a lead sees every painter\'s line.',
            self::PutJobsAway => 'Only a lead puts a job away or brings it back.',
            self::CarryWorkshop => 'Only a lead takes the whole workshop out.',
        };
    }
}
