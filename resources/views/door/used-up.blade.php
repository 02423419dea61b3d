<x-door title="This link is used up">
    <p>Each link lets one person in once, an invitation for a week, a new password for an hour. Ask whoever gave it to you for another.</p>
    <p><a href="/sign-in">Sign in</a></p>
</x-door>
