<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User;

/**
 * Whoever teaches with this installation. There is one.
 *
 * @property int    $id
 * @property string $passphrase  hashed
 * @property int    $keep_months after so many months without work Runel asks whether a learner's record is still wanted
 */
final class Tutor extends User
{
    protected $fillable = ['passphrase', 'keep_months'];

    protected $attributes = ['keep_months' => 12];

    protected $hidden = ['passphrase', 'remember_token'];

    protected $authPasswordName = 'passphrase';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['passphrase' => 'hashed', 'keep_months' => 'integer'];
    }
}
