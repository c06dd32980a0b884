class Node:
    def __init__(self, value, left=None, right=None):
        self.value, self.left, self.right = value, left, right

    def __iter__(self):
        if self.left is not None:
            yield from self.left
        yield self.value
        if self.right is not None:
            yield from self.right

    def walk(self, depth=0):
        yield depth, self.value
        for child in (self.left, self.right):
            if child:
                yield from child.walk(depth + 1)


tree = Node(4, Node(2, Node(1), Node(3)), Node(6, Node(5)))
print(list(tree), list(tree.walk()))
