@php($ids = ['lesson' => $lesson->lesson->id, 'item' => $kept->id])
<form action="{{ route('lessons.items.change', $ids, false) }}" method="post" class="tutor-form">
    @csrf
    @method('PUT')
    <input type="hidden" name="version" value="{{ $lesson->lesson->version }}">
    @include('lessons.change.' . $kept->kind()->value,
        ['content' => $kept->content, 'worked' => $item->content->demonstration()])
    <div class="lesson-numbers">
        <label>{{ __('lesson.minutes-own') }} <input class="input" name="minutes" value="{{ $kept->minutes }}"
            inputmode="numeric" maxlength="3"></label>
    </div>
    <p class="tutor-checks">
        <label class="tutor-check"><input type="checkbox" name="newPage" value="1" @checked($kept->newPage)>
            {{ __('lesson.new-page') }}</label>
    </p>
    <p class="tutor-go"><button class="button is-small">{{ __('lesson.save') }}</button>
        <button class="button is-small" form="drop-{{ $kept->id }}">{{ __('lesson.take-out') }}</button></p>
</form>
<form id="drop-{{ $kept->id }}" action="{{ route('lessons.items.drop', $ids, false) }}" method="post">
    @csrf
    @method('DELETE')
    <input type="hidden" name="version" value="{{ $lesson->lesson->version }}">
</form>
