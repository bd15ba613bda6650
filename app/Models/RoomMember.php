<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Somebody in a live room, known by what their browser keeps.
 *
 * @property string      $id
 * @property string      $room_id
 * @property string      $token      hashed
 * @property string      $name       seen by the tutor alone
 * @property string|null $learner_id
 * @property bool        $removed
 */
final class RoomMember extends Model
{
    use HasUlids;

    protected $fillable = ['room_id', 'token', 'name', 'learner_id', 'removed'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['removed' => 'bool'];
    }
}
