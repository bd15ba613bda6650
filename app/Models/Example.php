<?php

declare(strict_types=1);

namespace App\Models;

use App\Faces\Mathematics;
use Illuminate\Database\Eloquent\Model;
use Runel\Expression\Parser;
use Runel\Message\Refusal;

/**
 * A problem kept on the shelf for a lesson.
 *
 * @property int         $id
 * @property string      $shelf    what it is an example of
 * @property string      $problem  as typed
 * @property string|null $method   the method it was prepared for
 * @property string      $note     why it was chosen
 * @property int         $position
 */
final class Example extends Model
{
    protected $fillable = ['shelf', 'problem', 'method', 'note', 'position'];

    /** The problem typeset; as typed, should it have become unreadable. */
    public function html(Mathematics $mathematics): string
    {
        try {
            return $mathematics->html(Parser::parse($this->problem)->node);
        } catch (Refusal) {
            return htmlspecialchars($this->problem, \ENT_QUOTES);
        }
    }
}
