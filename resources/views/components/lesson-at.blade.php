@props(['seconds'])
<span class="lesson-at">{{ sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60) }}</span>
