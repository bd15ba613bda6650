<?php

declare(strict_types=1);

namespace App\Kept;

use Illuminate\Database\LostConnectionException;
use Illuminate\Database\QueryException;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;

/** What can be the matter with the place where things are kept, as those who look after it need to know it. */
enum Trouble: string
{
    case Locked = 'locked';
    case Full = 'full';
    case ReadOnly = 'read-only';
    case Damaged = 'damaged';
    case Missing = 'missing';
    /** Its form is not the one this program writes: it was not migrated, or comes from a newer one. */
    case OtherForm = 'other-form';
    case Storage = 'storage';

    private const SIGNS = [
        'database is locked' => self::Locked,
        'database table is locked' => self::Locked,
        'disk is full' => self::Full,
        'No space left on device' => self::Full,
        'disk I/O error' => self::Damaged,
        'readonly database' => self::ReadOnly,
        'malformed' => self::Damaged,
        'file is not a database' => self::Damaged,
        'unable to open database' => self::Missing,
        'no such table' => self::OtherForm,
        'no such column' => self::OtherForm,
        'has no column' => self::OtherForm,
    ];

    /** Null where something else is the matter. */
    public static function of(\Throwable $fault): ?self
    {
        for ($cause = $fault; $cause !== null; $cause = $cause->getPrevious()) {
            if ($cause instanceof SQLiteDatabaseDoesNotExistException) {
                return self::Missing;
            }
            $isOfDatabase = $cause instanceof \PDOException || $cause instanceof LostConnectionException;
            foreach ($isOfDatabase ? self::SIGNS : [] as $sign => $trouble) {
                if (str_contains($cause->getMessage(), $sign)) {
                    return $trouble;
                }
            }
            $isOfStorage = $cause instanceof \ErrorException
                && preg_match('/No space left|Read-only file system|Permission denied/', $cause->getMessage()) === 1;
            if ($isOfStorage) {
                return str_contains($cause->getMessage(), 'No space left') ? self::Full : self::Storage;
            }
        }

        return $fault instanceof QueryException ? self::Damaged : null;
    }

    /** Whether it passes by itself, so that what was sent may be sent again in a moment. */
    public function passes(): bool
    {
        return $this === self::Locked;
    }
}
