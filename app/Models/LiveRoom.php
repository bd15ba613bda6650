<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A room in which everybody answers from a screen of their own.
 *
 * @property string                $id
 * @property string                $code        five letters
 * @property string|null           $group_id
 * @property string                $kind        step or lines
 * @property array<string, string> $asked       the parts of the board's address at the step that is asked for
 * @property int                   $number      which question it is, from 1
 * @property string                $state       open, stopped or told
 * @property string                $rule        once, change or until-right
 * @property bool                  $at_once     whether each is told their own verdict at once
 * @property bool                  $shows_board whether the work so far stands on every screen
 * @property string|null           $put_up      an answer that is put up alone
 * @property int                   $version     of what learners see
 * @property int                   $heard       of what the tutor sees
 * @property Carbon                $ends_at
 * @property LearnerGroup|null     $group
 */
final class LiveRoom extends Model
{
    use HasUlids;

    protected $fillable = [
        'code', 'group_id', 'kind', 'asked', 'number', 'state', 'rule', 'at_once', 'shows_board', 'put_up', 'version',
        'heard', 'ends_at',
    ];

    /** @return HasMany<RoomMember, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(RoomMember::class, 'room_id')->orderBy('name');
    }

    /** @return BelongsTo<LearnerGroup, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(LearnerGroup::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'asked' => 'array',
            'at_once' => 'bool',
            'shows_board' => 'bool',
            'ends_at' => 'datetime',
        ];
    }
}
